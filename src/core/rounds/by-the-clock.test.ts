import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { highsSolver } from '../../solver/highs';
import { addDays, day } from '../calendar/day';
import { minutesIn, type Span } from '../settings/free-time';
import type { RoadBetween, RoundApiary, RoundCheck, RoundDay, RoundsAsked } from './asked';
import { brokenRules } from './broken-rules';
import type { Solver } from './model';
import { planRounds } from './plan-rounds';
import { roadsOf } from './road';
import { GOALS } from './statement';
import { bestByTrying } from './testing';
import { timetables, type Work } from './timetable';

const D = day('2027-05-16');
const at = (n: number) => addDays(D, n);

let solve: Solver;
beforeAll(async () => {
  solve = await highsSolver();
});
const plan = (asked: RoundsAsked) => planRounds(asked, solve, () => performance.now() / 1000, 20);

const span = (from: number, to: number): Span => ({ from: from * 60, to: to * 60 });
const FREE = span(10, 16);

/** A day from 10 to 16 o'clock, with the hours in which nests can be opened at each apiary, and those in which there can be work. */
const dayWith = (n: number, open: { readonly [apiary: string]: readonly Span[] }, brief = open): RoundDay => ({
  on: at(n),
  fit: 'unknown',
  freeMinutes: minutesIn([FREE]),
  free: [FREE],
  there: new Map(
    Object.entries(brief).map(([id, spans]) => [
      id,
      {
        fit: (open[id] ?? []).length > 0 ? 'open' : spans.length > 0 ? 'brief' : 'shut',
        open: open[id] ?? [],
        brief: spans,
        openMinutes: minutesIn(open[id] ?? []),
        briefMinutes: minutesIn(spans),
      },
    ]),
  ),
});
const WAYS = [
  { id: 'a', wayMinutes: 20 },
  { id: 'b', wayMinutes: 40 },
];
const check = (id: string, apiary: string, over: Partial<RoundCheck> = {}): RoundCheck => ({
  id,
  apiary,
  window: { earliest: at(0), ideal: at(0), latest: at(0) },
  minutes: 60,
  opens: true,
  weight: 2,
  ...over,
});
const asked = (days: readonly RoundDay[], checks: readonly RoundCheck[], over: Partial<RoundsAsked> = {}) => ({
  days,
  apiaries: WAYS,
  between: [],
  checks,
  pinned: [],
  forbidden: [],
  together: [],
  ...over,
});
const told = ({ days }: ReturnType<typeof plan>) =>
  days.flatMap(({ on, stops }) =>
    (stops ?? []).map(({ apiary, from, to }) => `${on - D} ${apiary} ${from / 60} ${to / 60}`),
  );

type Roads = readonly [readonly RoundApiary[], readonly RoadBetween[]];
function timetable(on: RoundDay, works: readonly Work[], [apiaries, between]: Roads) {
  const clock = timetables(
    apiaries.map(({ id }) => id),
    roadsOf(apiaries, between),
  );
  const laid = clock.lay(on, works);
  expect(clock.road(on, works)).toBe(laid?.road ?? null);
  return laid;
}

describe('a day laid out by the clock', () => {
  const roads: Roads = [WAYS, []];
  const work = (apiary: string, open: number, all = open) => ({ apiary, open, all });

  it('begins when the way there lies in the time, or else the fit hours do, and has the road between', () => {
    const whole = dayWith(0, { a: [FREE], b: [FREE] });
    expect(timetable(whole, [work('a', 60), work('b', 60)], roads)).toEqual({
      road: 60,
      stops: [
        { apiary: 'a', from: 610, to: 670 },
        // Home from the first, and there.
        { apiary: 'b', from: 670 + 10 + 20, to: 760 },
      ],
    });
    const straight: Roads = [WAYS, [{ a: 'a', b: 'b', minutes: 12 }]];
    expect(timetable(whole, [work('a', 60), work('b', 60)], straight)).toMatchObject({
      road: 10 + 12 + 20,
      stops: [{ to: 670 }, { from: 682 }],
    });
    expect(timetable(dayWith(0, { a: [span(12, 14)] }), [work('a', 60)], roads)?.stops).toEqual([
      { apiary: 'a', from: 720, to: 780 },
    ]);
  });

  it('is none where two apiaries have the same two dry hours', () => {
    const dry = dayWith(0, { a: [span(12, 14)], b: [span(12, 14)] });
    expect(timetable(dry, [work('a', 60), work('b', 60)], roads)).toBeNull();
    expect(timetable(dry, [work('a', 45), work('b', 45)], roads)).not.toBeNull();
    const checks = [check('x', 'a'), check('y', 'b')];
    expect(told(plan(asked([dry, dayWith(1, { a: [FREE], b: [FREE] })], checks)))).toHaveLength(2);
    expect(plan(asked([dry], checks)).late).toHaveLength(1);
    const near = [{ a: 'a', b: 'b', minutes: 0 }];
    expect(plan(asked([dry], checks, { between: near })).late).toEqual([]);
  });

  it('is without a break: work does not wait at the hives for the rain to end', () => {
    const showers = dayWith(0, { a: [span(10, 12), span(13, 15)] });
    expect(timetable(showers, [work('a', 115)], roads)?.stops).toEqual([{ apiary: 'a', from: 780, to: 895 }]);
    expect(timetable(showers, [work('a', 130)], roads)).toBeNull();
    expect(plan(asked([showers], [check('x', 'a'), check('y', 'a'), check('z', 'a')])).late).toHaveLength(1);
  });

  it('looks from above before nests can be opened, and after', () => {
    const cool = dayWith(0, { a: [span(13, 14)] }, { a: [span(11, 16)] });
    expect(timetable(cool, [work('a', 60, 90)], roads)?.stops).toEqual([{ apiary: 'a', from: 750, to: 840 }]);
    expect(timetable(cool, [work('a', 0, 90)], roads)?.stops).toEqual([{ apiary: 'a', from: 660, to: 750 }]);
    expect(timetable(cool, [work('a', 70)], roads)).toBeNull();
  });

  it('goes by the hours, be the road longer for it', () => {
    const ways = [...WAYS, { id: 'c', wayMinutes: 40 }];
    const chain: Roads = [
      ways,
      [
        { a: 'a', b: 'b', minutes: 5 },
        { a: 'b', b: 'c', minutes: 5 },
        { a: 'a', b: 'c', minutes: 30 },
      ],
    ];
    const works = [work('a', 60), work('b', 60), work('c', 60)];
    const any = dayWith(0, { a: [FREE], b: [FREE], c: [FREE] });
    expect(timetable(any, works, chain)?.road).toBe(10 + 5 + 5 + 20);
    // The middle one is dry last.
    const late = dayWith(0, { a: [FREE], b: [span(14, 16)], c: [FREE] });
    expect(timetable(late, works, chain)?.road).toBe(10 + 30 + 5 + 20);
  });

  it('is none over more apiaries than anybody goes to on a day', () => {
    const ids = ['a', 'b', 'c', 'd', 'e', 'f'];
    const many = dayWith(0, Object.fromEntries(ids.map((id) => [id, [FREE]])));
    const near: Roads = [ids.map((id) => ({ id, wayMinutes: 0 })), []];
    expect(
      timetable(
        many,
        ids.slice(1).map((id) => work(id, 10)),
        near,
      ),
    ).not.toBeNull();
    expect(
      timetable(
        many,
        ids.map((id) => work(id, 10)),
        near,
      ),
    ).toBeNull();
  });
});

describe('whatever is asked by the clock', () => {
  const spans = fc.constantFrom<readonly Span[]>(
    [],
    [FREE],
    [span(10, 12)],
    [span(14, 16)],
    [span(10, 11), span(13, 15)],
    [span(11, 12), span(14, 15)],
  );
  const oneDay = fc.record({ a: spans, b: spans, c: spans, rest: fc.constantFrom('same', 'all') });
  const given = fc
    .record({
      days: fc.array(oneDay, { minLength: 1, maxLength: 2 }),
      ways: fc.tuple(...Array.from({ length: 3 }, () => fc.constantFrom(0, 20, 40, 60))),
      roads: fc.array(fc.option(fc.constantFrom(0, 10, 30)), { minLength: 3, maxLength: 3 }),
      checks: fc.array(
        fc.record({
          apiary: fc.constantFrom('a', 'b', 'c'),
          from: fc.nat({ max: 1 }),
          minutes: fc.constantFrom(20, 60, 90, 120),
          opens: fc.boolean(),
          weight: fc.constantFrom(2, 5, 40, 100),
        }),
        { minLength: 1, maxLength: 5 },
      ),
      pin: fc.option(fc.tuple(fc.nat({ max: 1 }), fc.constantFrom('a', 'b', 'c'))),
    })
    .map(({ days, ways, roads, checks, pin }): RoundsAsked => {
      const pairs = [['a', 'b'] as const, ['b', 'c'] as const, ['a', 'c'] as const];
      const list = days.map(({ rest, ...open }, n) =>
        dayWith(n, open, rest === 'same' ? open : { a: [FREE], b: [FREE], c: [FREE] }),
      );
      return {
        ...asked(
          list,
          checks.map(({ from, ...over }, i) =>
            check(`c${i}`, over.apiary, {
              ...over,
              window: { earliest: at(from), ideal: at(from), latest: at(from) },
              earlyFrom: at(0),
            }),
          ),
        ),
        apiaries: ways.map((wayMinutes, i) => ({ id: 'abc'[i] as string, wayMinutes })),
        between: pairs.flatMap(([a, b], i) => {
          const minutes = roads[i] ?? null;
          return minutes === null ? [] : [{ a, b, minutes }];
        }),
        pinned: pin && pin[0] < days.length ? [{ on: at(pin[0]), apiary: pin[1] }] : [],
      };
    });

  it('no way of trying all days, orders and hours finds a better plan', () => {
    fc.assert(
      fc.property(given, (one) => {
        const found = plan(one);
        expect(brokenRules(one, found)).toEqual([]);
        expect(GOALS.map((goal) => found.cost[goal])).toEqual(bestByTrying(one));
        expect(found.optimal).toBe(true);
      }),
      { numRuns: tries(120), seed: 20270516 },
    );
  }, 240_000);
});
