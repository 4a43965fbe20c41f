import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, day, formatDay } from '../calendar/day';
import { minutesOf } from '../calendar/minute';
import { type ScaleReading, type ScaleVisit, scaleOf } from './scale-of';

const D = day('2027-05-10');
const DAY_MIN = 1440;
const minute = (number: number) => {
  const of = number % DAY_MIN;
  const two = (value: number) => String(value).padStart(2, '0');
  return `${formatDay(addDays(D, Math.floor(number / DAY_MIN)))}T${two(Math.floor(of / 60))}:${two(of % 60)}`;
};
/** Readings every so many minutes from midnight, whose weights follow from the minute. */
const every = (step: number, days: number, kgAt: (at: number) => number): ScaleReading[] =>
  Array.from({ length: Math.floor((days * DAY_MIN) / step) }, (_, i) => ({ at: minute(i * step), kg: kgAt(i * step) }));
const gains = (readings: readonly ScaleReading[], visits: readonly ScaleVisit[] = []) =>
  scaleOf(readings, visits, null).days.map(({ gain }) => gain);

describe('what a day gains', () => {
  it('is all change from its first reading to the next day’s first', () => {
    expect(gains(every(60, 2, (at) => 30 + (at >= DAY_MIN ? 1.2 : 0) + (at % DAY_MIN === 600 ? 0.1 : 0)))).toEqual([
      120, 0,
    ]);
  });

  it('has no stone on the roof in it, and nothing of a visit', () => {
    const stone = every(5, 2, (at) => 30 + at / 14_400 + (at >= 700 ? 2.4 : 0));
    expect(scaleOf(stone, [], null).steps).toEqual([{ at: minute(700), by: 240 }]);
    expect(gains(stone)[0]).toBe(10);
    const visit = [{ from: minute(690), to: minute(710) }];
    expect(scaleOf(stone, visit, null)).toMatchObject({ steps: [], visits: [{ from: minute(690), by: 240 }] });
  });

  it('goes on beside a scale that jumps by eighty kilograms or is set to nothing', () => {
    const jumped = every(15, 2, (at) => 40 + at / 14_400 + (at >= 705 ? 80 : 0));
    expect(scaleOf(jumped, [], null)).toMatchObject({ steps: [{ at: minute(705), by: 8000 }], possibleSwarms: [] });
    const zeroed = every(15, 2, (at) => (at >= 705 ? 0 : 40) + at / 14_400);
    expect(scaleOf(zeroed, [], null).possibleSwarms).toEqual([]);
    for (const readings of [jumped, zeroed]) for (const gain of gains(readings)) expect(gain).toBeCloseTo(10, -0.5);
  });

  it('is not known of a day with few readings or a long gap', () => {
    const hourly = every(60, 2, () => 30);
    expect(gains(hourly.filter((_, i) => i < 3 || i >= 24))).toEqual([null, 0]);
    const gap = (hours: number) => hourly.filter((_, i) => i < 5 || i >= 4 + hours);
    expect(gains(gap(6))).toEqual([0, 0]);
    expect(gains(gap(7))).toEqual([null, 0]);
  });
});

describe('a part of a day', () => {
  const hours = (from: number, to: number) =>
    every(60, 3, () => 30).filter(({ at }) => at >= minute(from * 60) && at <= minute(to * 60));

  it('has no gain: it is read from after nine on, or until before nine in the evening, unless it is today', () => {
    expect(gains(hours(9, 45))).toEqual([0, 0]);
    expect(gains(hours(10, 45))).toEqual([null, 0]);
    expect(gains(hours(9, 44))).toEqual([0, null]);
    expect(scaleOf(hours(9, 30), [], addDays(D, 1)).days.map(({ gain }) => gain)).toEqual([0, 0]);
    // It is today's last reading that may be of any hour, not its first.
    expect(scaleOf(hours(10, 14), [], D).days.map(({ gain }) => gain)).toEqual([null]);
  });
});

describe('a step', () => {
  const leaving = (from: number, kg: number, by = 5) =>
    every(5, 1, (at) => 40 - Math.min(Math.max(0, (at - from) / (by === 0 ? 1 : by)), 1) * kg);

  it('is one, though it takes ten minutes, and may be a swarm by its weight and its hour', () => {
    const { steps, possibleSwarms } = scaleOf(leaving(700, 2.5, 10), [], null);
    expect(steps).toEqual([{ at: minute(710), by: -250 }]);
    expect(possibleSwarms).toEqual([{ at: minute(710), by: -250, returned: false }]);
    expect(scaleOf(leaving(700, 0.8, 10), [], null).steps).toEqual([]);
    const swarms = (from: number, kg: number) => scaleOf(leaving(from, kg, 10), [], null).possibleSwarms.length;
    // From nine to six, both included, by the minute at which it is over.
    expect([swarms(525, 2.5), swarms(530, 2.5), swarms(1070, 2.5), swarms(1075, 2.5)]).toEqual([0, 1, 1, 0]);
    // A strong prime swarm weighs over four.
    expect([swarms(700, 0.82), swarms(700, 4.6), swarms(700, 6), swarms(700, 6.1)]).toEqual([1, 1, 1, 0]);
  });

  it('is seen by an hourly scale only over two kilograms, and not at all across more than six hours', () => {
    const at = (hours: number, kg: number) =>
      scaleOf(
        [
          { at: minute(600), kg: 40 },
          { at: minute(600 + hours * 60), kg: 40 - kg },
        ],
        [],
        null,
      ).steps;
    expect(at(1, 2)).toEqual([]);
    expect(at(1, 2.01)).toEqual([{ at: minute(660), by: -201 }]);
    expect(at(6, 2.01)).toHaveLength(1);
    expect(at(7, 9)).toEqual([]);
  });

  it('that comes back within the hour by half says so', () => {
    const back = (after: number, kg: number) =>
      scaleOf(
        every(5, 1, (at) => 40 - (at >= 700 ? 2 : 0) + (at >= 700 + after ? kg : 0)),
        [],
        null,
      ).possibleSwarms.map(({ returned }) => returned);
    expect(back(60, 1)).toEqual([true]);
    expect(back(65, 2)).toEqual([false]);
    expect(back(60, 0.9)).toEqual([false]);
  });
});

describe('flows', () => {
  const flowsOf = (...kgADay: (number | null)[]) => {
    let kg = 30;
    const readings = kgADay.flatMap((gain, on) => {
      const before = kg;
      kg += gain ?? 0;
      // A day without a gain that is known has two readings.
      return gain === null
        ? [0, 700].map((at) => ({ at: minute(on * DAY_MIN + at), kg: before }))
        : Array.from({ length: 24 }, (_, i) => ({ at: minute(on * DAY_MIN + i * 60), kg: before + (gain * i) / 24 }));
    });
    return scaleOf([...readings, { at: minute(kgADay.length * DAY_MIN), kg }], [], null).flow;
  };
  const on = (i: number) => addDays(D, i);

  it('begin with three good days and end before three of next to nothing', () => {
    expect(flowsOf(0.6, 0.6, 0.6, 0.3, 0.1, 0.1, 0.1, 0.6)).toEqual([{ from: on(0), to: on(3), strong: false }]);
    expect(flowsOf(0.6, 0.6, 0.5, 0.6, 0.6)).toEqual([]);
    expect(flowsOf(0.1, 2.1, 2.1, 2.1, 1)).toEqual([{ from: on(1), to: null, strong: true }]);
  });

  it('are interrupted by a day of which nothing is known, and not ended by it', () => {
    expect(flowsOf(0.6, 0.6, null, 0.6)).toEqual([]);
    expect(flowsOf(0.6, 0.6, 0.6, 0.1, 0.1, null, 0.1)).toEqual([{ from: on(0), to: null, strong: false }]);
  });
});

describe('whatever was read', () => {
  const readings = fc
    .uniqueArray(fc.integer({ min: 0, max: 3 * DAY_MIN }), { minLength: 1, maxLength: 60 })
    .chain((minutes) =>
      fc.tuple(
        ...minutes.map((at) =>
          fc.record({ at: fc.constant(minute(at)), kg: fc.integer({ min: 0, max: 800 }).map((n) => n / 100) }),
        ),
      ),
    );
  const visits = fc.array(
    fc.record({ from: fc.integer({ min: 0, max: 3 * DAY_MIN }), lasts: fc.integer({ min: 0, max: 90 }) }),
    { maxLength: 5 },
  );
  const near = fc.uniqueArray(fc.integer({ min: 0, max: 120 }), { minLength: 2, maxLength: 40 }).chain((minutes) =>
    fc.tuple(
      ...minutes.map((at) =>
        fc.record({
          at: fc.constant(minute(600 + at)),
          kg: fc.constantFrom(30, 30.03, 30.05, 30.06, 30.5, 30.9, 31.2, 29),
        }),
      ),
    ),
  );

  /** Which changes are a visit's, visits that go together, and their sums: pair by pair until nothing joins any more. */
  function visitsByTheWord(given: readonly ScaleReading[], seen: readonly ScaleVisit[]) {
    const sorted = [...given].sort((a, b) => (a.at < b.at ? -1 : 1));
    const changes = sorted.slice(1).map((reading, i) => {
      const before = sorted[i] as ScaleReading;
      return {
        from: minutesOf(before.at),
        to: minutesOf(reading.at),
        by: Math.round(reading.kg * 100) - Math.round(before.kg * 100),
      };
    });
    let groups = seen.map(({ from, to }) => {
      const [begins, ends] = [minutesOf(from) - 15, minutesOf(to) + 15];
      const own = changes.flatMap((change, i) =>
        Math.max(change.from, begins) < Math.min(change.to, ends) ? [i] : [],
      );
      return { from, spans: [[begins, ends] as const], own: new Set(own) };
    });
    for (let isDone = false; !isDone; ) {
      isDone = true;
      for (const [i, a] of groups.entries()) {
        const j = groups.findIndex(
          (b, at) =>
            at > i &&
            ([...a.own].some((one) => b.own.has(one)) ||
              a.spans.some(([from, to]) => b.spans.some(([begins, ends]) => from < ends && begins < to))),
        );
        const b = groups[j];
        if (!b) continue;
        const joined = {
          from: [a.from, b.from].sort()[0] as string,
          spans: [...a.spans, ...b.spans],
          own: new Set([...a.own, ...b.own]),
        };
        groups = [...groups.filter((one) => one !== a && one !== b), joined];
        isDone = false;
        break;
      }
    }
    return groups
      .map(({ from, own }) => ({ from, by: [...own].reduce((sum, i) => sum + (changes[i]?.by ?? 0), 0) }))
      .sort((a, b) => (a.from < b.from ? -1 : 1));
  }

  it('gives visits what the words of the rule give them', () => {
    fc.assert(
      fc.property(readings, visits, (given, spans) => {
        const seen = spans.map(({ from, lasts }) => ({ from: minute(from), to: minute(from + lasts) }));
        expect(scaleOf(given, seen, null).visits).toEqual(visitsByTheWord(given, seen));
      }),
    );
  });

  it('accounts for every hundredth: gains, steps and visits come to the whole change', () => {
    fc.assert(
      fc.property(readings, visits, (some, spans) => {
        const seen = spans.map(({ from, lasts }) => ({ from: minute(from), to: minute(from + lasts) }));
        // Every three hours besides, so that each of the days is whole.
        const hours = every(180, 3, () => 30).filter(({ at }) => some.every((one) => one.at !== at));
        const given = [...some.filter(({ at }) => at < minute(3 * DAY_MIN)), ...hours];
        const { days, steps, visits: found } = scaleOf(given, seen, null);
        expect(days.every(({ gain }) => gain !== null)).toBe(true);
        const sorted = [...given].sort((a, b) => (a.at < b.at ? -1 : 1));
        const whole = Math.round((sorted.at(-1)?.kg ?? 0) * 100) - Math.round((sorted[0]?.kg ?? 0) * 100);
        const parts = [
          ...days.map(({ gain }) => gain ?? 0),
          ...steps.map(({ by }) => by),
          ...found.map(({ by }) => by),
        ];
        expect(parts.reduce((sum, part) => sum + part, 0)).toBe(whole);
      }),
    );
  });

  it('finds the steps of readings close together that the words of the rule find', () => {
    fc.assert(
      fc.property(near, (given) => {
        const sorted = [...given]
          .sort((a, b) => (a.at < b.at ? -1 : 1))
          .map(({ at, kg }) => ({ at, m: minutesOf(at), w: Math.round(kg * 100) }));
        const found: { at: string; by: number }[] = [];
        let i = 0;
        while (i < sorted.length - 1) {
          const start = sorted[i] as (typeof sorted)[number];
          const difference = (j: number) => (sorted[j + 1]?.w ?? 0) - (sorted[j]?.w ?? 0);
          const gap = (sorted[i + 1]?.m ?? 0) - start.m;
          const sign = Math.sign(difference(i));
          if (gap > 30) {
            if (Math.abs(difference(i)) > 200) found.push({ at: sorted[i + 1]?.at ?? '', by: difference(i) });
            i += 1;
            continue;
          }
          let end = i;
          if (Math.abs(difference(i)) > 5)
            while (
              end + 2 < sorted.length &&
              (sorted[end + 2]?.m ?? 0) - start.m <= 30 &&
              (Math.sign(difference(end + 1)) === sign || Math.abs(difference(end + 1)) <= 5)
            )
              end += 1;
          while (end > i && (Math.abs(difference(end)) <= 5 || Math.sign(difference(end)) !== sign)) end -= 1;
          const by = (sorted[end + 1]?.w ?? 0) - start.w;
          if (Math.abs(difference(i)) > 5 && Math.abs(by) > 80) {
            found.push({ at: sorted[end + 1]?.at ?? '', by });
            i = end + 1;
          } else i += 1;
        }
        expect(scaleOf(given, [], null).steps).toEqual(found);
      }),
    );
  });
});
