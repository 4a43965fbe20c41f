import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { addDays } from '../calendar/day';
import { METHODS } from '../methods/methods';
import { CHOICES } from './asked';
import { A_COLONY, ASKED, anyColony, choose, FROM, NO_DEATHS, reckon } from './testing';
import { quantiles } from './what-if';

const RAISING = ['nuc-swarm', 'old-site-swarm', 'queen-split', 'walk-away', 'even-split', 'vertical-split'] as const;

describe('choices under the same luck', () => {
  it('come out the same each time, whatever else is reckoned', () => {
    const once = reckon(choose('walk-away'));
    reckon(choose('nothing'));
    expect(reckon(choose('walk-away'))).toEqual(once);
    expect(reckon(choose('walk-away'), { seed: 2 })).not.toEqual(once);
  });

  it('begin where the colony stands, and are as long as the days that were asked for', () => {
    for (const choice of CHOICES) {
      const { adults, brood, honeyKg } = reckon(choose(choice), { runs: 5 });
      expect([adults.p10[0], adults.p90[0]], choice).toEqual([A_COLONY.bees, A_COLONY.bees]);
      expect(brood.p50[0]).toBe(A_COLONY.eggs + A_COLONY.larvae + A_COLONY.sealed);
      expect(honeyKg.p50[0]).toBe(A_COLONY.honeyKg);
      expect(adults.p50).toHaveLength(ASKED.days + 1);
    }
  });

  it('differ from nothing on no day before their own', () => {
    for (const choice of CHOICES) {
      const late = reckon(choose(choice, { on: addDays(FROM, 30), giveRoom: false }), { runs: 50 });
      const nothing = reckon(choose('nothing'), { runs: 50 });
      expect(late.adults.p50.slice(0, 31), choice).toEqual(nothing.adults.p50.slice(0, 31));
    }
  });

  it('divide a colony without losing a bee, a cell of brood or a gram', () => {
    const quiet = { flow: [], season: { from: addDays(FROM, -60), to: addDays(FROM, -50) }, runs: 1, days: 4 };
    const done = (name: (typeof CHOICES)[number]) => reckon(choose(name, { on: FROM }), quiet, { assumed: NO_DEATHS });
    const nothing = done('nothing');
    for (const { name } of METHODS.filter(({ divides, sendsUp }) => divides ?? sendsUp)) {
      const { adults, honeyKg } = done(name);
      expect(adults.p50, name).toEqual(nothing.adults.p50);
      // Less is fed to brood that is not there.
      expect(honeyKg.p50[1], name).toBeCloseTo(nothing.honeyKg.p50[1] as number, 1);
    }
  });

  it('have a unit without a queen hatch its last worker by day 21, and only shrink after it', () => {
    fc.assert(
      fc.property(anyColony, (colony) => {
        const queenless = { ...colony, queen: null, oldestCellLaid: null };
        const { adults, brood, endsQueenless } = reckon(choose('nothing'), {
          colony: queenless,
          runs: 3,
          matingSuccess: 0,
        });
        expect(endsQueenless).toBe(1);
        expect(brood.p90[21]).toBe(0);
        for (let n = 22; n < adults.p90.length; n++)
          expect(adults.p90[n]).toBeLessThanOrEqual(adults.p90[n - 1] as number);
      }),
      { numRuns: tries(30), seed: 20270521 },
    );
  });

  it('have no fewer laying colonies where more virgins come to lay', () => {
    fc.assert(
      fc.property(
        anyColony,
        fc.constantFrom(...CHOICES),
        fc.array(fc.integer({ min: 0, max: 10 }), { minLength: 2, maxLength: 2 }),
        (colony, name, odds) => {
          const [low, high] = odds.sort((a, b) => a - b) as [number, number];
          const by = (odd: number) => reckon(choose(name), { colony, runs: 40, matingSuccess: odd / 10 });
          const [few, many] = [by(low), by(high)];
          expect(many.endsQueenless).toBeLessThanOrEqual(few.endsQueenless);
          for (const rank of ['p10', 'p50', 'p90'] as const)
            expect(many.layingColonies[rank]).toBeGreaterThanOrEqual(few.layingColonies[rank]);
        },
      ),
      { numRuns: tries(60), seed: 20270522 },
    );
  });

  it('lose no swarm more where there is more free comb', () => {
    fc.assert(
      fc.property(anyColony, fc.integer({ min: 1000, max: 40_000 }), fc.boolean(), (colony, more, giveRoom) => {
        const lost = (freeCells: number) =>
          reckon(choose('nothing', { giveRoom }), { colony: { ...colony, freeCells }, runs: 100, days: 40 }).swarmLost;
        expect(lost(colony.freeCells + more)).toBeLessThanOrEqual(lost(colony.freeCells));
      }),
      { numRuns: tries(60), seed: 20270523 },
    );
  });

  it('have a bought queen lay two to three and a half weeks before one who is raised', () => {
    for (const name of RAISING) {
      const [raised, bought] = [reckon(choose(name)), reckon(choose(name, { buysQueen: true }))];
      const days = (raised.firstEggs?.p50 ?? 0) - (bought.firstEggs?.p50 ?? 0);
      expect(days, name).toBeGreaterThanOrEqual(14);
      expect(days, name).toBeLessThanOrEqual(25);
    }
  });

  it('say when a new queen lays only where one is to come', () => {
    for (const name of ['nothing', 'demaree', 'part-demaree', 'take-cells-down'] as const)
      expect(reckon(choose(name), { runs: 20 }).firstEggs, name).toBeNull();
    for (const name of [...RAISING, 'requeen-mated'] as const)
      expect(reckon(choose(name), { runs: 20 }).firstEggs, name).not.toBeNull();
  });
});

describe('what the keeper thinks otherwise about', () => {
  const end = (assumed: NonNullable<Parameters<typeof reckon>[1]>['assumed']) => {
    const { adults, swarmLost, firstEggs } = reckon(choose('requeen-mated'), { ...(assumed && { assumed }) });
    return { bees: adults.p50.at(-1) ?? 0, swarmLost, firstEggs };
  };

  it('tells, each in its own way', () => {
    const usual = end(undefined);
    expect(end({})).toEqual(usual);
    expect(end({ flyersDie: 0.15 }).bees).toBeLessThan(usual.bees);
    expect(end({ boughtIsTaken: 0 }).firstEggs).toBeNull();
    const lost = (assumed: { readonly prepares: number }) => reckon(choose('nothing'), { assumed }).swarmLost;
    expect(lost({ prepares: 0 })).toBe(0);
    expect(lost({ prepares: 1 })).toBeGreaterThan(reckon(choose('nothing')).swarmLost);
    // Both ends of crowding alike: it crowds all at once, and divides by nothing.
    expect(reckon(choose('nothing'), { assumed: { crowdedFrom: 0.5, crowdedTo: 0.5 } }).swarmLost).toBeLessThanOrEqual(
      1,
    );
  });
});

describe('a colony that prepares', () => {
  const charged = { ...A_COLONY, oldestCellLaid: { from: addDays(FROM, -6), to: addDays(FROM, -5) } };

  it('swarms where nothing is done, on the eighth day after the egg or a fit one soon after', () => {
    const { swarmLost, adults } = reckon(choose('nothing'), { colony: charged });
    expect(swarmLost).toBe(1);
    // Laid 5 or 6 days before: nothing leaves before the third day.
    expect(adults.p10[2]).toBe(adults.p90[2]);
    expect(adults.p50[9]).toBeLessThan(0.65 * (adults.p50[1] as number));
  });

  it('keeps its bees by any method that comes in time, and by none that comes too late', () => {
    for (const name of CHOICES.filter((one) => one !== 'nothing' && one !== 'take-cells-down')) {
      expect(reckon(choose(name, { on: FROM }), { colony: charged }).swarmLost, name).toBeLessThan(0.15);
      expect(reckon(choose(name, { on: addDays(FROM, 20) }), { colony: charged }).swarmLost, name).toBe(1);
    }
  });

  it('is held for some days where its cells are taken down and nothing more is done', () => {
    const [nothing, cleared] = [
      reckon(choose('nothing'), { colony: charged }),
      reckon(choose('take-cells-down', { on: FROM, giveRoom: false }), { colony: charged }),
    ];
    expect(cleared.swarmLost).toBeLessThanOrEqual(nothing.swarmLost);
    expect(cleared.swarmLost).toBeGreaterThan(0.6);
    // Room as well holds some of them, and no more than some.
    const withRoom = reckon(choose('take-cells-down', { on: FROM }), { colony: charged });
    expect(withRoom.swarmLost).toBeGreaterThan(0.4);
    expect(withRoom.swarmLost).toBeLessThan(0.95);
    expect(cleared.adults.p50[9]).toBeGreaterThan(nothing.adults.p50[9] as number);
  });
});

describe('quantiles', () => {
  it('go by the nearest rank', () => {
    const ten = [10, 9, 8, 7, 6, 5, 4, 3, 2, 1];
    expect(quantiles(ten)).toEqual({ p10: 1, p50: 5, p90: 9 });
    expect(quantiles([7])).toEqual({ p10: 7, p50: 7, p90: 7 });
    expect(quantiles([1, 2, 3])).toEqual({ p10: 1, p50: 2, p90: 3 });
  });
});
