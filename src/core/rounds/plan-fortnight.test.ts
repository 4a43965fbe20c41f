import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { highsSolver } from '../../solver/highs';
import { addDays, type Day, day } from '../calendar/day';
import { verbatim } from '../says/together';
import { aCheck } from '../schedule/check';
import { minutesIn } from '../settings/free-time';
import type { DayFit } from '../weather/weather-of';
import { fitAt } from './asked';
import type { FitHours } from './fit-hours';
import type { Solver } from './model';
import { type FortnightAsked, planFortnight } from './plan-fortnight';
import { PLANNED_DAYS, type PlannedDay } from './planned-days';
import type { VisitCheck } from './to-visit';

const D = day('2027-05-16');
const at = (n: number) => addDays(D, n);
const EVENING = { from: 17 * 60, to: 20 * 60 };

let solve: Solver;
beforeAll(async () => {
  solve = await highsSolver();
});
const plan = (asked: FortnightAsked, by: Solver = solve) => planFortnight(asked, by, () => performance.now() / 1000);

const fitOf = (fit: DayFit, free: PlannedDay['free']): FitHours => {
  const [open, brief] = [fit === 'open' || fit === 'unknown' ? free : [], fit === 'shut' ? [] : free];
  return { fit, open, brief, openMinutes: minutesIn(open), briefMinutes: minutesIn(brief) };
};
const dayOf = (n: number, fit: DayFit, free: PlannedDay['free'] = [EVENING]): PlannedDay => ({
  on: at(n),
  fit: 'unknown',
  free,
  freeMinutes: minutesIn(free),
  there: new Map(['a', 'b'].map((id) => [id, fitOf(fit, free)])),
  isGuessed: false,
});
const visit = (id: string, from: number, to: number, over: Partial<VisitCheck> = {}): VisitCheck => ({
  id,
  colonyId: id,
  apiary: 'a',
  window: { earliest: at(from), ideal: at(from), latest: at(to) },
  minutes: 15,
  opens: true,
  weight: 2,
  kind: 'look',
  isLate: false,
  check: aCheck({
    key: id,
    code: 'look',
    window: { earliest: at(from), ideal: at(from), latest: at(to) },
    why: verbatim('why'),
  }),
  ...over,
});
const late = (id: string, over: Partial<VisitCheck> = {}) => visit(id, -4, -1, { isLate: true, weight: 100, ...over });
const asked = (over: Partial<FortnightAsked>): FortnightAsked => ({
  days: Array.from({ length: PLANNED_DAYS }, (_, n) => dayOf(n, 'open')),
  apiaries: [
    { id: 'a', wayMinutes: 20 },
    { id: 'b', wayMinutes: 30 },
  ],
  between: [],
  visits: [],
  pinned: [],
  forbidden: [],
  together: [],
  seen: new Map(),
  gifts: [],
  ...over,
});
const shortly = ({ rounds }: ReturnType<typeof plan>) =>
  rounds.map(({ on, apiary, checks }) => `${on - D} ${apiary} ${checks.join('')}`);

describe('the rounds of a fortnight', () => {
  it('do not put off what is late and grave for want of a shorter way', () => {
    expect(shortly(plan(asked({ visits: [late('x'), visit('y', 1, 3)] })))).toEqual(['0 a x', '1 a y']);
    // What is late and matters less stands as soon as it can too: each day that it waits weighs more than the one before.
    expect(shortly(plan(asked({ visits: [late('x', { weight: 2 }), visit('y', 1, 3)] })))).toEqual(['0 a x', '1 a y']);
  });

  it('bring a look forward that can soundly be made early, to save a way', () => {
    const early = visit('y', 1, 3, { earlyFrom: at(0) });
    expect(shortly(plan(asked({ visits: [late('x'), early] })))).toEqual(['0 a xy']);
  });

  it('place what cannot be met on the day that loses least, and say what ruled its own days out', () => {
    const rain = Array.from({ length: PLANNED_DAYS }, (_, n) => dayOf(n, n < 3 ? 'shut' : 'open'));
    const found = plan(asked({ days: rain, visits: [visit('x', 0, 2), visit('y', 3, 6)] }));
    expect(shortly(found)).toEqual(['3 a xy']);
    expect(found.unmet).toEqual([{ id: 'x', why: 'no-fit-day', on: at(3), within: { from: at(0), to: at(2) } }]);
    expect(found.rounds[0]?.tooLate).toEqual(['x']);
  });

  it('take rain on the only free evening for rain, and days without free hours for want of time', () => {
    const days = Array.from({ length: PLANNED_DAYS }, (_, n) =>
      dayOf(n, n === 1 ? 'shut' : 'open', n < 3 && n !== 1 ? [] : [EVENING]),
    );
    expect(plan(asked({ days, visits: [visit('x', 0, 2)] })).unmet).toMatchObject([{ why: 'no-fit-day', on: at(3) }]);
    expect(plan(asked({ days, visits: [visit('x', 2, 2)] })).unmet).toMatchObject([{ why: 'no-free-day', on: at(3) }]);
    const long = visit('x', 0, 3, { minutes: 170 });
    expect(plan(asked({ days, visits: [long] })).unmet).toMatchObject([{ why: 'no-free-day', on: null }]);
  });

  it('say of what was late before only where it waits longer, and what its days until then were lost to', () => {
    const away = Array.from({ length: PLANNED_DAYS }, (_, n) => dayOf(n, 'open', n < 6 ? [] : [EVENING]));
    expect(plan(asked({ visits: [late('x')] })).unmet).toEqual([]);
    expect(plan(asked({ days: away, visits: [late('x')] })).unmet).toEqual([
      { id: 'x', why: 'no-free-day', on: at(6), within: { from: at(0), to: at(5) } },
    ]);
  });

  it('say of what could be met after the two weeks not that it cannot', () => {
    const away = Array.from({ length: PLANNED_DAYS }, (_, n) => dayOf(n, 'open', n > 8 ? [] : [EVENING]));
    const found = plan(asked({ days: away, visits: [visit('x', 10, 20), visit('y', 10, 12)] }));
    expect(found.unmet).toEqual([{ id: 'y', why: 'no-free-day', on: null, within: { from: at(10), to: at(12) } }]);
    expect(found.rounds).toEqual([]);
  });

  it('have no round on days of a hive to be left shut', () => {
    const shut = [{ from: at(0), to: at(4) }];
    expect(shortly(plan(asked({ visits: [visit('x', 0, 6, { shut })] })))).toEqual(['5 a x']);
  });

  it('go one after the other on a day, within its hours', () => {
    const found = plan(asked({ visits: [visit('x', 0, 0), visit('y', 0, 0, { apiary: 'b', weight: 100 })] }));
    const clock = found.rounds.map(({ apiary, hours }) => [apiary, hours?.from, hours?.to]);
    // There with the gravest first: half the way of 30 minutes, 15 at the hives, home, and on.
    expect(clock).toEqual([
      ['a', EVENING.from + 15 + 15 + 15 + 10, EVENING.from + 15 + 15 + 15 + 10 + 15],
      ['b', EVENING.from + 15, EVENING.from + 30],
    ]);
  });

  it('go first where something is late', () => {
    const found = plan(asked({ visits: [visit('x', 0, 0, { weight: 100 }), late('y', { apiary: 'b' })] }));
    expect(found.rounds.map(({ apiary, hours }) => [apiary, hours?.from])).toEqual([
      ['a', EVENING.from + 15 + 15 + 15 + 10],
      ['b', EVENING.from + 15],
    ]);
  });

  it('of plans that are as good, keep the one that was seen', () => {
    const visits = [visit('x', 0, 4, { window: { earliest: at(0), ideal: at(2), latest: at(4) } })];
    const both = {
      ...asked({ visits }),
      days: asked({}).days.map((one) => (one.on === at(2) ? dayOf(2, 'shut') : one)),
    };
    expect(shortly(plan({ ...both, seen: new Map([['x', at(1)]]) }))).toEqual(['1 a x']);
    expect(shortly(plan({ ...both, seen: new Map([['x', at(3)]]) }))).toEqual(['3 a x']);
  });

  it('stand as they were seen where there is no time to find out, unless a better one was found', () => {
    const window = { earliest: at(0), ideal: at(2), latest: at(4) };
    const visits = [visit('x', 0, 4, { window }), visit('y', 0, 4, { window })];
    const without = (...shut: number[]) =>
      asked({}).days.map((one) => (shut.includes(one.on - D) ? dayOf(one.on - D, 'shut') : one));
    const none: Solver = () => ({ status: 'none', bound: null });
    const seen = new Map([
      ['x', at(3)],
      ['y', at(3)],
    ]);
    const found = plan(asked({ visits, days: without(2), seen }), none);
    expect([shortly(found), found.optimal, found.gap]).toEqual([['3 a xy'], false, { heavy: 0, light: 0 }]);
    // It rains that day by now; or the best day is dry after all.
    expect(shortly(plan(asked({ visits, days: without(2, 3), seen }), none))).toEqual(['1 a xy']);
    expect(shortly(plan(asked({ visits, days: without(), seen }), none))).toEqual(['2 a xy']);
    // The hive of one is to be left shut that day by now, and can wait: the other stays where it was seen.
    const waits = visit('y', 0, 20, { window: { ...window, latest: at(20) }, shut: [{ from: at(3), to: at(3) }] });
    const partly = asked({ visits: [visit('x', 0, 4, { window }), waits], days: without(2), seen });
    expect(shortly(plan(partly, none))).toEqual(['3 a x']);
  });

  const free = fc.constantFrom<PlannedDay['free']>(
    [],
    [EVENING],
    [{ from: 600, to: 700 }, EVENING],
    [{ from: 540, to: 1200 }],
  );
  const given = fc
    .record({
      days: fc.array(
        fc.record({
          free,
          a: fc.constantFrom<DayFit>('open', 'brief', 'shut', 'unknown'),
          b: fc.constantFrom<DayFit>('open', 'shut'),
        }),
        {
          minLength: PLANNED_DAYS,
          maxLength: PLANNED_DAYS,
        },
      ),
      visits: fc.array(
        fc.record({
          from: fc.integer({ min: -3, max: 13 }),
          length: fc.nat({ max: 6 }),
          opens: fc.boolean(),
          weight: fc.constantFrom(2, 5, 40, 100),
          minutes: fc.constantFrom(3, 15, 48),
          apiary: fc.constantFrom('a', 'b'),
          isLate: fc.boolean(),
          shut: fc.option(fc.integer({ min: 0, max: 10 })),
        }),
        { maxLength: 12 },
      ),
      pin: fc.option(fc.nat({ max: 13 })),
      forbidden: fc.option(fc.nat({ max: 13 })),
    })
    .map(({ days, visits, pin, forbidden }) =>
      asked({
        days: days.map((one, n) => ({
          ...dayOf(n, one.a, one.free),
          there: new Map([
            ['a', fitOf(one.a, one.free)],
            ['b', fitOf(one.b, one.free)],
          ]),
        })),
        visits: visits.map(({ from, length, isLate, shut, ...over }, i) => {
          const span = shut === null ? [] : [{ from: at(shut), to: at(shut + 3) }];
          return isLate
            ? late(`c${i}`, { ...over, shut: span })
            : visit(`c${i}`, from, from + length, { ...over, shut: span });
        }),
        pinned: pin === null ? [] : [{ on: at(pin), apiary: 'b' }],
        forbidden: forbidden === null ? [] : [at(forbidden)],
      }),
    );

  it('keep the rules whatever is asked', () => {
    fc.assert(
      fc.property(given, (one) => {
        const { rounds, unmet } = plan(one);
        const dayAt = new Map(one.days.map((each) => [each.on, each]));
        const visitOf = new Map(one.visits.map((each) => [each.id, each]));
        const unmetIds = new Set(unmet.map(({ id }) => id));
        const isPinned = ({ on, apiary }: { on: Day; apiary: string }) =>
          one.pinned.some((pin) => pin.on === on && pin.apiary === apiary);
        for (const { on, apiary, checks, hours, tooLate } of rounds) {
          const today = dayAt.get(on) as PlannedDay;
          expect(checks.length > 0 || isPinned({ on, apiary })).toBe(true);
          for (const id of checks) {
            const { window, opens, shut = [] } = visitOf.get(id) as VisitCheck;
            expect(one.forbidden).not.toContain(on);
            expect(shut.some(({ from, to }) => on >= from && on <= to)).toBe(false);
            expect(fitAt(today, apiary).fit === 'shut' || (opens && fitAt(today, apiary).fit === 'brief')).toBe(false);
            expect(on >= window.earliest).toBe(true);
            // After its window, and said to be.
            if (unmetIds.has(id)) expect(tooLate).toContain(id);
            if (on > window.latest && window.latest >= (one.days[0]?.on ?? on)) expect(tooLate).toContain(id);
          }
          if (hours && checks.length > 0) {
            const last = today.free.at(-1);
            expect(hours.from >= (today.free[0]?.from ?? 0) && hours.to <= (last?.to ?? 0)).toBe(true);
          }
        }
        for (const today of one.days) {
          const own = rounds.filter(({ on }) => on === today.on);
          const minutes = own.reduce((sum, round) => sum + round.minutes + (round.apiary === 'a' ? 20 : 30), 0);
          expect(minutes <= today.freeMinutes || own.every(({ checks }) => checks.length === 0)).toBe(true);
        }
        const done = rounds.flatMap(({ checks }) => checks);
        expect(new Set(done).size).toBe(done.length);
        for (const { id, on } of unmet) expect(on !== null).toBe(done.includes(id));
      }),
      { numRuns: tries(60), seed: 20270516 },
    );
  }, 120_000);
});
