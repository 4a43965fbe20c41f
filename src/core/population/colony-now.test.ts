import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import { aColony, inspection } from '../colony/testing';
import { queenYear } from '../queens/age';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { FRAME_SIZES } from '../space/frame-size';
import { aBox, aHive } from '../space/testing';
import { foldColony } from '../state/fold';
import { placeYear } from '../year/place-year';
import { colonyNow, swarmSeason, usualRate } from './colony-now';

const TODAY = day('2027-05-16');
const LOOKED = day('2027-05-14');
const of = (over: Parameters<typeof aColony>[0], age: 1 | 2 | 3 | null = 2) =>
  colonyNow(foldColony(aColony(over), DEFAULT_SETTINGS, TODAY), age, FRAME_SIZES);

describe('a colony as it is reckoned with', () => {
  it('of which nothing was counted is supposed to fill a brood box, and that is said', () => {
    const { colony, seen } = of({}, null);
    expect(seen).toEqual({ bees: null, brood: null, comb: null, rate: null, cells: null, isAgeKnown: false });
    const { eggs, larvae, sealed, freeCells, storeCells } = colony;
    expect(eggs + larvae + sealed + freeCells + storeCells).toBeCloseTo(55_000, -3);
    expect([larvae / eggs, sealed / eggs].map(Math.round)).toEqual([2, 4]);
    expect(colony.queen).toEqual({ layingPerDay: 1600, year: 2 });
  });

  it('takes bees and brood from the last look that counted them', () => {
    const looks = [
      inspection({ at: '2027-05-10T12:00', coveredSeams: 9, broodFrames: 7 }),
      inspection({ at: '2027-05-14T12:00' }),
    ];
    const { colony, seen } = of({ inspections: looks });
    expect(colony.bees).toBe(18_000);
    expect(colony.eggs + colony.larvae + colony.sealed).toBeCloseTo(7 * 3500, -3);
    expect([seen.bees, seen.brood, seen.comb]).toEqual([day('2027-05-10'), day('2027-05-10'), null]);
  });

  it('takes comb, honey and the rate of laying from the last survey, with the brood over an excluder', () => {
    const survey = {
      id: 's',
      at: '2027-05-14T12:00',
      on: LOOKED,
      source: 'survey',
      manner: 'frames',
      flow: 'none',
      coveredSeams: 10,
      queenFrameId: null,
      hive: aHive(aBox('a', 'HPBYSSBYEEH'), aBox('b', 'HHHHHSSHHHH', { under: 'excluder' })),
    } as const;
    const { colony, seen } = of({ inspections: [inspection({ at: '2027-05-14T12:00' })], surveys: [survey] });
    expect(seen).toMatchObject({ bees: LOOKED, brood: LOOKED, comb: LOOKED, rate: LOOKED });
    expect(colony.bees).toBe(20_000);
    // Free cells are those where she can lay; honey is all of it.
    expect(colony.freeCells).toBeLessThan(15_000);
    expect(colony.honeyKg).toBeGreaterThan(15);
    expect(colony.sealed).toBeGreaterThan(15_000);
  });

  it('prepares since its oldest cell was laid; one without a queen has none who lays', () => {
    const looks = [
      inspection({
        at: '2027-05-14T12:00',
        cells: [
          { cellId: 'a', found: 'larva-large', takenDown: false },
          { cellId: 'b', found: 'egg', takenDown: false },
        ],
      }),
    ];
    const cells = ['a', 'b'].map((id) => ({ id, label: id, place: 'bottom', box: 1, frame: 3, part: null }) as const);
    const { colony, seen } = of({ inspections: looks, cells });
    const { from, to } = colony.oldestCellLaid ?? { from: TODAY, to: TODAY };
    expect(to).toBeLessThanOrEqual(addDays(LOOKED, -5));
    expect(from).toBeLessThanOrEqual(to);
    expect(seen.cells).toBe(LOOKED);
    const removed = { id: 'r', kind: 'removed', on: LOOKED, queenId: 'q', at: null, to: null, emerged: null } as const;
    expect(of({ queenEvents: [removed] }).colony.queen).toBeNull();
  });

  it('has a queen who lays less in her third year', () => {
    expect([usualRate(1), usualRate(2), usualRate(3)]).toEqual([1600, 1600, 1450]);
  });
});

describe('the swarm season', () => {
  it('is the one that is on, whole, or the next', () => {
    expect(swarmSeason(placeYear([4, 5, 6], null), TODAY)).toEqual({ from: day('2027-04-01'), to: day('2027-06-30') });
    expect(swarmSeason(placeYear([4, 5, 6], null), day('2027-07-01'))).toEqual({
      from: day('2028-04-01'),
      to: day('2028-06-30'),
    });
    expect(swarmSeason(placeYear([11, 12, 1], null), day('2027-12-24'))).toEqual({
      from: day('2027-11-01'),
      to: day('2028-01-31'),
    });
    expect(swarmSeason(placeYear([], null), TODAY)).toBeNull();
  });

  it('has queens of this year, of last and older ones', () => {
    const emerged = (on: string) => queenYear({ from: day(on), to: day(on) }, TODAY);
    expect([emerged('2027-05-01'), emerged('2026-06-10'), emerged('2025-06-10'), queenYear(null, TODAY)]).toEqual([
      1,
      2,
      3,
      null,
    ]);
  });
});
