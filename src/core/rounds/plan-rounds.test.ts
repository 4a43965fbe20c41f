import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { highsSolver } from '../../solver/highs';
import { addDays, type Day, day, daysBetween } from '../calendar/day';
import type { PinnedRound, RoundCheck, RoundsAsked } from './asked';
import { brokenRules } from './broken-rules';
import { type Solver, sumOf } from './model';
import { planRounds } from './plan-rounds';
import { GOALS } from './statement';

const D = day('2027-05-16');
const at = (n: number) => addDays(D, n);

let solve: Solver;
beforeAll(async () => {
  solve = await highsSolver();
});
const plan = (asked: RoundsAsked) => planRounds(asked, solve, () => performance.now() / 1000);

const check = (id: string, from: number, to: number, over: Partial<RoundCheck> = {}): RoundCheck => ({
  id,
  apiary: 'a',
  window: { earliest: at(from), ideal: at(to), latest: at(to) },
  minutes: 20,
  opens: true,
  weight: 10,
  ...over,
});
const asked = (over: Partial<RoundsAsked>): RoundsAsked => ({
  days: [0, 1, 2, 3].map((n) => ({ on: at(n), fit: 'open', freeMinutes: 120 })),
  apiaries: [
    { id: 'a', wayMinutes: 20 },
    { id: 'b', wayMinutes: 30 },
  ],
  checks: [],
  pinned: [],
  forbidden: [],
  together: [],
  ...over,
});
const shortly = ({ rounds }: ReturnType<typeof plan>) =>
  rounds.map(({ on, apiary, checks, minutes }) => `${daysBetween(D, on)} ${apiary} ${checks.join('')} ${minutes}`);

describe('when to go where', () => {
  it('goes once where windows let it, on the day nearest to the best', () => {
    const found = plan(asked({ checks: [check('x', 0, 3), check('y', 1, 2), check('z', 2, 3, { apiary: 'b' })] }));
    expect(shortly(found)).toEqual(['2 a xy 60', '3 b z 50']);
    expect(found).toMatchObject({
      unmet: [],
      optimal: true,
      gap: 0,
      cost: { unmetWeight: 0, wayMinutes: 50, rounds: 2, daysOff: 1 },
    });
  });

  it('leaves what weighs least where the hours are short, and says why and when instead', () => {
    const short = [0, 1].map((n) => ({ on: at(n), fit: 'open' as const, freeMinutes: n === 0 ? 45 : 60 }));
    const checks = [
      check('x', 0, 0),
      check('y', 0, 0, { weight: 60 }),
      check('far', 5, 6),
      check('long', 0, 0, { minutes: 90 }),
    ];
    const found = plan(asked({ days: short, checks }));
    expect(shortly(found)).toEqual(['0 a y 40']);
    expect(found.unmet).toEqual([
      { id: 'x', why: 'not-enough-hours', leastBad: at(1) },
      { id: 'far', why: 'outside-days', leastBad: null },
      { id: 'long', why: 'no-free-day', leastBad: null },
    ]);
  });

  it('opens no hive on a day that is not fit, and looks from above on one that is half fit', () => {
    const days = (['shut', 'brief', 'unknown', 'open'] as const).map((fit, n) => ({
      on: at(n),
      fit,
      freeMinutes: 120,
    }));
    const found = plan(
      asked({ days, checks: [check('nest', 0, 1), check('above', 0, 1, { opens: false }), check('hope', 1, 2)] }),
    );
    expect(shortly(found)).toEqual(['1 a above 40', '2 a hope 40']);
    expect(found.unmet).toEqual([{ id: 'nest', why: 'no-fit-day', leastBad: at(2) }]);
    expect(plan(asked({ checks: [check('x', 1, 1)], forbidden: [at(1), at(9)] })).unmet).toMatchObject([
      { why: 'no-fit-day', leastBad: at(2) },
    ]);
  });

  it('keeps a day in hand for the gravest, before it saves a way', () => {
    const grave = check('grave', 0, 2, { weight: 100 });
    expect(shortly(plan(asked({ checks: [grave, check('x', 2, 2)] })))).toEqual(['1 a grave 40', '2 a x 40']);
    // A window of one day has no last day to keep clear of.
    expect(plan(asked({ checks: [check('only', 2, 2, { weight: 100 })] })).cost.lastDay).toBe(0);
  });

  it('makes a pinned round whatever it costs, also on a forbidden day, and with nothing to do', () => {
    const pinned = [{ on: at(1), apiary: 'b' }];
    expect(shortly(plan(asked({ pinned, forbidden: [at(1)], checks: [check('x', 1, 1, { apiary: 'b' })] })))).toEqual([
      '1 b  30',
    ]);
    const both = [...pinned, { on: at(1), apiary: 'a' }];
    const days = [0, 1].map((n) => ({ on: at(n), fit: 'open' as const, freeMinutes: 45 }));
    const found = plan(asked({ days, pinned: both, checks: [check('x', 1, 1, { minutes: 0 })] }));
    expect(shortly(found)).toEqual(['1 a  20', '1 b  30']);
    expect(found.unmet).toMatchObject([{ id: 'x', why: 'not-enough-hours' }]);
  });

  it('does two that belong together on one day, or neither', () => {
    const pair = [check('x', 0, 1), check('y', 1, 2, { apiary: 'b' })];
    expect(shortly(plan(asked({ checks: pair, together: [['x', 'y']] })))).toEqual(['1 a x 40', '1 b y 50']);
    const apart = [check('x', 0, 0), check('y', 1, 2)];
    expect(plan(asked({ checks: apart, together: [['x', 'y']] })).unmet.map(({ id }) => id)).toEqual(['x', 'y']);
  });

  it('of nothing makes nothing', () => {
    expect(plan(asked({ apiaries: [] }))).toEqual({
      rounds: [],
      unmet: [],
      cost: { unmetWeight: 0, lastDay: 0, wayMinutes: 0, rounds: 0, daysOff: 0 },
      optimal: true,
      gap: 0,
    });
  });

  it('has no round on which nothing is done, whatever a solver without time leaves in it, but one that was pinned', () => {
    /** Every round that the hours leave room for is made too. */
    const hasty: Solver = (model, left) => {
      const solved = solve(model, left);
      if (solved.status === 'none') return solved;
      const values = [...solved.values];
      for (const of of values.keys()) {
        if (values[of]) continue;
        values[of] = true;
        if (model.rows.some(({ sum, right }) => sumOf(sum, values) > right)) values[of] = false;
      }
      return { status: 'found', values, bound: null };
    };
    const checks = [check('x', 0, 3), check('y', 0, 3, { apiary: 'b' })];
    const found = planRounds(asked({ checks, pinned: [{ on: at(1), apiary: 'b' }] }), hasty, () => 0);
    expect(found.rounds.filter((round) => round.checks.length === 0 && round.on !== at(1))).toEqual([]);
    expect(found.unmet).toEqual([]);
    expect(found.rounds.some(({ on, apiary }) => on === at(1) && apiary === 'b')).toBe(true);
  });

  it('says that it is not the best where there was no time to prove it', () => {
    let seconds = 0;
    const slow: Solver = (model, left) => {
      seconds += 1.5;
      const solved = solve(model, left);
      return solved.status === 'optimal' && seconds > 2 ? { ...solved, status: 'found', bound: null } : solved;
    };
    const found = planRounds(asked({ checks: [check('x', 0, 3)] }), slow, () => seconds);
    expect(found.optimal).toBe(false);
    expect(brokenRules(asked({ checks: [check('x', 0, 3)] }), found)).toEqual([]);
    const none = planRounds(
      asked({ checks: [check('x', 0, 3)], pinned: [{ on: at(0), apiary: 'b' }] }),
      () => ({ status: 'none', bound: null }),
      () => 0,
    );
    // What is made up quickly to begin with.
    expect([shortly(none), none.gap]).toEqual([['0 b  30', '3 a x 40'], null]);
  });
});

/** Every way of putting each check on a day or on none, and the best of them by the five goals in their order. */
function bestByTrying(given: RoundsAsked): readonly number[] {
  const { days, apiaries, checks, pinned, forbidden, together } = given;
  const way = (id: string) => apiaries.find((one) => one.id === id)?.wayMinutes ?? 0;
  const pinsOn = (on: Day) => pinned.filter((pin) => pin.on === on);
  const isOverrun = (on: Day, free: number) => pinsOn(on).reduce((sum, { apiary }) => sum + way(apiary), 0) > free;
  let best: readonly number[] | null = null;
  const isLess = (a: readonly number[], b: readonly number[]) => {
    const i = a.findIndex((one, n) => one !== b[n]);
    return i >= 0 && (a[i] as number) < (b[i] as number);
  };
  const dayOf = new Map<string, Day | null>();
  const tell = () => {
    const trips = new Set(pinned.map(({ on, apiary }) => `${on} ${apiary}`));
    for (const { id, apiary } of checks) if (dayOf.get(id) != null) trips.add(`${dayOf.get(id)} ${apiary}`);
    for (const { on, freeMinutes } of days) {
      if (isOverrun(on, freeMinutes)) continue;
      const ways = [...trips]
        .filter((trip) => trip.startsWith(`${on} `))
        .reduce((sum, trip) => sum + way(trip.split(' ')[1] as string), 0);
      const work = checks.filter(({ id }) => dayOf.get(id) === on).reduce((sum, { minutes }) => sum + minutes, 0);
      if (ways + work > freeMinutes) return;
    }
    if (together.some(([one, other]) => dayOf.get(one) !== dayOf.get(other))) return;
    const done = checks.filter(({ id }) => dayOf.get(id) !== null);
    const cost = [
      checks.filter(({ id }) => dayOf.get(id) === null).reduce((sum, { weight }) => sum + weight, 0),
      done.filter(
        ({ id, weight, window }) =>
          weight === 100 && window.earliest < window.latest && dayOf.get(id) === window.latest,
      ).length,
      [...trips].reduce((sum, trip) => sum + way(trip.split(' ')[1] as string), 0),
      trips.size,
      done.reduce((sum, { id, window }) => sum + Math.abs(daysBetween(window.ideal, dayOf.get(id) as Day)), 0),
    ];
    if (best === null || isLess(cost, best)) best = cost;
  };
  const put = (i: number) => {
    const one = checks[i];
    if (!one) return tell();
    dayOf.set(one.id, null);
    put(i + 1);
    for (const { on, fit, freeMinutes } of days) {
      const isIn =
        on >= one.window.earliest && on <= one.window.latest && !forbidden.includes(on) && !isOverrun(on, freeMinutes);
      const isFit = fit === 'open' || fit === 'unknown' || (fit === 'brief' && !one.opens);
      if (!isIn || !isFit) continue;
      dayOf.set(one.id, on);
      put(i + 1);
    }
  };
  put(0);
  return best as unknown as readonly number[];
}

describe('whatever is asked', () => {
  const window = fc
    .tuple(fc.integer({ min: -1, max: 3 }), fc.nat({ max: 3 }), fc.nat({ max: 3 }))
    .map(([from, a, b]) => ({
      earliest: at(from),
      ideal: at(from + Math.min(a, b)),
      latest: at(from + Math.max(a, b)),
    }));
  const given: fc.Arbitrary<RoundsAsked> = fc
    .record({
      days: fc.array(
        fc.record({
          fit: fc.constantFrom('open', 'brief', 'shut', 'unknown'),
          freeMinutes: fc.constantFrom(0, 40, 60, 90, 150),
        }),
        { minLength: 1, maxLength: 4 },
      ),
      ways: fc.array(fc.constantFrom(0, 10, 25, 40), { minLength: 1, maxLength: 2 }),
      checks: fc.array(
        fc.record({
          window,
          minutes: fc.constantFrom(0, 10, 20, 45),
          opens: fc.boolean(),
          weight: fc.constantFrom(10, 20, 60, 100),
          which: fc.nat({ max: 1 }),
        }),
        { maxLength: 5 },
      ),
      pins: fc.uniqueArray(fc.tuple(fc.nat({ max: 3 }), fc.nat({ max: 1 })), { maxLength: 2, selector: String }),
      forbidden: fc.array(fc.integer({ min: -1, max: 4 }), { maxLength: 1 }),
      pairs: fc.array(fc.tuple(fc.nat({ max: 4 }), fc.nat({ max: 4 })), { maxLength: 2 }),
    })
    .map(({ days, ways, checks, pins, forbidden, pairs }) => {
      const made = days.map((one, n) => ({ ...one, on: at(n) }) as RoundsAsked['days'][number]);
      const apiaries = ways.map((wayMinutes, i) => ({ id: `p${i}`, wayMinutes }));
      const list = checks.map(({ which, ...one }, i) => ({ ...one, id: `c${i}`, apiary: `p${which % ways.length}` }));
      return {
        days: made,
        apiaries,
        checks: list,
        pinned: pins
          .filter(([on, to]) => on < days.length && to < ways.length)
          .map(([on, to]): PinnedRound => ({ on: at(on), apiary: `p${to}` })),
        forbidden: forbidden.map(at),
        together: pairs
          .filter(([one, other]) => one !== other && one < list.length && other < list.length)
          .map(([one, other]) => [`c${one}`, `c${other}`] as const),
      };
    });

  it('no way of trying them all finds a better plan', () => {
    fc.assert(
      fc.property(given, (one) => {
        const found = plan(one);
        expect(found.optimal).toBe(true);
        expect(brokenRules(one, found)).toEqual([]);
        expect(GOALS.map((goal) => found.cost[goal])).toEqual(bestByTrying(one));
      }),
      { numRuns: tries(250), seed: 20270516 },
    );
  }, 120_000);

  it('keeps to its own rules on large ones, and tells its cost as it is', () => {
    const many = fc.record({
      seed: fc.integer({ min: 1, max: 1_000_000 }),
      checks: fc.integer({ min: 60, max: 120 }),
      apiaries: fc.integer({ min: 2, max: 5 }),
    });
    fc.assert(
      fc.property(many, ({ seed, checks, apiaries }) => {
        let state = seed;
        const next = (most: number) => {
          state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
          return Math.floor((state / 2 ** 32) * most);
        };
        const one = asked({
          days: Array.from({ length: 14 }, (_, n) => ({
            on: at(n),
            fit: (['open', 'open', 'brief', 'shut', 'unknown'] as const)[next(5)] ?? 'open',
            freeMinutes: [0, 120, 180, 480][next(4)] ?? 0,
          })),
          apiaries: Array.from({ length: apiaries }, (_, i) => ({ id: `p${i}`, wayMinutes: 10 + next(40) })),
          checks: Array.from({ length: checks }, (_, i) => {
            const from = next(14) - 1;
            return check(`c${i}`, from, from + next(5), {
              apiary: `p${next(apiaries)}`,
              minutes: 5 + next(45),
              opens: next(4) > 0,
              weight: [10, 20, 60, 100][next(4)] ?? 10,
            });
          }),
          pinned: [{ on: at(next(14)), apiary: 'p0' }],
          forbidden: [at(next(14))],
          together: [['c0', 'c1']],
        });
        const found = plan(one);
        expect(brokenRules(one, found)).toEqual([]);
        const unmet = new Set(found.unmet.map(({ id }) => id));
        const weight = one.checks.filter(({ id }) => unmet.has(id)).reduce((sum, each) => sum + each.weight, 0);
        expect(found.cost.unmetWeight).toBe(weight);
        expect(found.cost.rounds).toBe(found.rounds.length);
        if (found.optimal) expect(found.gap).toBe(0);
      }),
      { numRuns: tries(5), seed: 20270516 },
    );
  }, 120_000);
});
