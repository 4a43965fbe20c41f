import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type Day, day, formatDay } from '../calendar/day';
import { type CellObservation, dateCells } from './date-cells';
import { closestChecks, dateCell, NOT_A_SIGHT } from './dating';
import { CELL_STAGES, type CellStage } from './stage';
import { THOROUGHNESS, type Thoroughness } from './thoroughness';

const may = (date: number) => day(`2027-05-${String(date).padStart(2, '0')}`);
const seen = (stage: CellStage, date: number, cell = 'a'): CellObservation => ({ cell, stage, on: may(date) });
const iso = (value: Day | null | undefined) => (value == null ? value : formatDay(value).slice(5));

const dateOne = (
  observations: CellObservation[],
  checks: { on: Day; thoroughness: Thoroughness }[] = [],
  removed: Day | null = null,
) => {
  const [cell] = dateCells(observations, checks, removed).cells;
  if (!cell) throw new Error('no cell came back');
  return cell;
};

describe('dating a cell', () => {
  it('cuts two sights and an empty check together', () => {
    const cell = dateOne(
      [seen('larva-large', 10), seen('sealed-fresh', 13)],
      [{ on: may(3), thoroughness: 'cleared' }],
    );
    expect([iso(cell.laid?.from), iso(cell.laid?.to)]).toEqual(['05-03', '05-05']);
    expect([cell.sealing?.earliest, cell.sealing?.latest].map(iso)).toEqual(['05-10', '05-13']);
    const { earliest, likelyFrom, likelyTo, latest } = cell.emergence ?? {};
    expect([earliest, likelyFrom, likelyTo, latest].map(iso)).toEqual(['05-18', '05-19', '05-21', '05-22']);
  });

  it('lets an egg hide under the bees for three days, and anything behind a tipped box', () => {
    const with_ = (thoroughness: Thoroughness) =>
      iso(dateOne([seen('larva-large', 10)], [{ on: may(5), thoroughness }]).laid?.from);
    expect(with_('cleared')).toBe('05-05');
    expect(with_('bees-on')).toBe('05-02');
    expect(with_('tip-up')).toBe('05-01');
  });

  it('takes no bound from a check on or after the first sight', () => {
    const checks = [{ on: may(10), thoroughness: 'cleared' as const }];
    expect(iso(dateOne([seen('larva-large', 10)], checks).laid?.from)).toBe('05-01');
  });

  it('counts a dry cup as the first sight and as proof that no egg was there', () => {
    const cell = dateOne([seen('cup-dry', 6), seen('larva-small', 11)], [{ on: may(8), thoroughness: 'cleared' }]);
    expect([iso(cell.laid?.from), iso(cell.laid?.to)]).toEqual(['05-06', '05-08']);
  });

  it('dates emergency cells by the removal of the queen, only when first seen after it', () => {
    expect(iso(dateOne([seen('sealed', 16)], [], may(8)).laid?.from)).toBe('05-02');
    expect(iso(dateOne([seen('sealed', 16)], [], may(8)).laid?.to)).toBe('05-08');
    expect(iso(dateOne([seen('sealed', 16)], [], may(16)).laid?.from)).toBe('04-29');
    expect(dateOne([seen('cup-dry', 16)], [], may(8)).conflict).toBeNull();
  });

  it('keeps a cell without a lower bound undated but bounded', () => {
    const cell = dateOne([seen('emerged', 20)]);
    expect(cell.laid).toEqual({ from: null, to: may(5) });
    expect([cell.sealing, cell.emergence, cell.status]).toEqual([null, null, 'emerged']);
  });

  it('does not let an open cell be closed earlier, nor a closed one be vacated before it was seen closed', () => {
    const cell = dateOne([seen('sealed', 14), seen('emerged', 18)]);
    expect(iso(cell.emergence?.earliest)).toBe('05-14');
    expect(iso(cell.emergence?.latest)).toBe('05-18');
  });

  it('names the latest lower and the earliest upper bound when no day is left', () => {
    const cell = dateOne([seen('sealed-ripe', 20), seen('egg', 18)]);
    expect(cell.conflict).toEqual({ between: [1, 0], kind: 'no-day' });
    const missed = dateOne([seen('sealed-ripe', 20)], [{ on: may(12), thoroughness: 'cleared' }]);
    expect(missed.conflict?.between).toEqual([NOT_A_SIGHT, 0]);
    expect(dateOne([seen('egg', 20)], [], may(10)).conflict?.between).toEqual([0, NOT_A_SIGHT]);
  });

  it('names two sights of which the later shows the earlier stage', () => {
    const cell = dateOne([seen('larva-large', 10), seen('larva-small', 10 + 0, 'b'), seen('egg', 11)]);
    expect(cell.conflict).toEqual({ between: [2, 0], kind: 'no-day' });
    const back = dateOne([seen('larva-large', 10), seen('larva-small', 11)]);
    expect(back.conflict?.kind).toBe('no-day');
    const vacated = dateOne([seen('emerged', 10), seen('queen-moving', 12)]);
    expect(vacated.conflict).toEqual({ between: [0, 1], kind: 'went-back' });
  });

  it('leaves contradicted and ended cells out of the colony’s dates', () => {
    const { colony } = dateCells(
      [seen('larva-large', 10, 'a'), seen('larva-small', 10, 'b'), seen('sealed', 2, 'c'), seen('removed', 10, 'c')],
      [],
      null,
    );
    expect(iso(colony.firstSealing)).toBe('05-10');
    expect(iso(colony.lastEmergence)).toBe(iso(addDays(may(7), 17)));
  });

  it('needs at least one sight', () => {
    expect(() => dateCell({ sights: [], checks: [], queenRemoved: null })).toThrow();
  });
});

/** Which laying days does a single sight allow? Written out by hand, apart from the table that the dating uses. */
const ALLOWED_AGES: Record<CellStage, (age: number) => boolean> = {
  'cup-dry': (age) => age <= 0,
  egg: (age) => age >= 0 && age <= 3,
  'egg-upright': (age) => age === 0 || age === 1,
  'egg-leaning': (age) => age === 1 || age === 2,
  'egg-flat': (age) => age === 2 || age === 3,
  'larva-small': (age) => age >= 3 && age <= 5,
  'larva-large': (age) => age >= 5 && age <= 9,
  sealed: (age) => age >= 7 && age <= 17,
  'sealed-fresh': (age) => age >= 7 && age <= 12,
  'sealed-ripe': (age) => age >= 13 && age <= 17,
  'queen-moving': (age) => age >= 15 && age <= 24,
  emerged: (age) => age >= 15,
  'torn-down': (age) => age >= 7,
  removed: () => true,
};

const START = day('2027-04-01');
const arbitrarySights = fc.uniqueArray(
  fc.record({ on: fc.integer({ min: 30, max: 60 }), stage: fc.constantFrom(...CELL_STAGES) }),
  { minLength: 1, maxLength: 4, selector: ({ on }) => on },
);
const arbitraryChecks = fc.array(
  fc.record({
    on: fc.integer({ min: 20, max: 60 }),
    thoroughness: fc.constantFrom(...THOROUGHNESS),
    cellsRemoved: fc.boolean(),
  }),
  { maxLength: 3 },
);

describe('a cell drawn out over an egg or larva that was there already', () => {
  const one = (
    on: string,
    stage: CellStage,
    checks: readonly (readonly [on: string, thoroughness: Thoroughness, cellsRemoved?: boolean])[],
    queenRemoved: string | null,
  ) => {
    const { laid, emergence, conflict } = dateCell({
      sights: [{ on: day(on), stage, index: 0 }],
      checks: checks.map(([at, thoroughness, cellsRemoved = false]) => ({ on: day(at), thoroughness, cellsRemoved })),
      queenRemoved: queenRemoved === null ? null : day(queenRemoved),
    });
    return {
      conflict,
      laid: laid && [laid.from && formatDay(laid.from), formatDay(laid.to)],
      out: emergence && formatDay(emergence.earliest),
    };
  };

  it('queen taken on the day of a cleared look: found closed on the seventh or eighth day, laid in the six days before', () => {
    for (const on of ['2027-05-17', '2027-05-18']) {
      expect(one(on, 'sealed', [['2027-05-10', 'cleared']], '2027-05-10')).toEqual({
        conflict: null,
        laid: ['2027-05-04', '2027-05-10'],
        out: '2027-05-19',
      });
    }
  });

  it('found closed on the sixth day is no contradiction', () => {
    expect(one('2027-05-16', 'sealed', [['2027-05-10', 'cleared']], '2027-05-10')).toMatchObject({
      conflict: null,
      laid: ['2027-05-04', '2027-05-09'],
    });
  });

  it('the same after cells were broken down at a cleared look, also for checks earlier and later than that one', () => {
    expect(one('2027-05-16', 'sealed', [['2027-05-10', 'cleared', true]], null)).toMatchObject({
      conflict: null,
      laid: ['2027-05-04', '2027-05-09'],
    });
    const both = [
      ['2027-05-10', 'tip-up', true],
      ['2027-05-12', 'bees-on'],
    ] as const;
    expect(one('2027-05-18', 'sealed', both, null).laid).toEqual(['2027-05-03', '2027-05-11']);
  });

  it('a check on the day of the first sight of it, or later, loosens nothing', () => {
    const checks = [
      ['2027-05-10', 'cleared'],
      ['2027-05-16', 'cleared', true],
    ] as const;
    expect(one('2027-05-16', 'larva-large', checks, null).laid).toEqual(['2027-05-10', '2027-05-11']);
  });

  it('bounds by the early end of days that are not certain from below, and by the late end from above', () => {
    const { laid } = dateCell({
      sights: [{ on: day('2027-05-20'), to: day('2027-05-22'), stage: 'sealed-fresh', index: 0 }],
      checks: [{ on: day('2027-05-10'), to: day('2027-05-12'), thoroughness: 'cleared' }],
      queenRemoved: null,
    });
    expect(laid).toEqual({ from: day('2027-05-10'), to: day('2027-05-15') });
    const emergency = dateCell({
      sights: [{ on: day('2027-05-20'), stage: 'sealed', index: 0 }],
      checks: [],
      queenRemoved: { from: day('2027-05-10'), to: day('2027-05-11') },
    });
    expect(emergency.laid).toEqual({ from: day('2027-05-04'), to: day('2027-05-11') });
  });
});

describe('dating against trying every laying day', () => {
  it('leaves exactly the days that everything seen allows', () => {
    fc.assert(
      fc.property(
        arbitrarySights,
        arbitraryChecks,
        fc.option(fc.integer({ min: 25, max: 55 })),
        (sights, checks, removed) => {
          const first = Math.min(...sights.map(({ on }) => on));
          const neverHeld =
            sights.some(({ stage }) => stage === 'cup-dry') &&
            sights.every(({ stage }) => stage === 'cup-dry' || stage === 'removed');
          const possible: number[] = [];
          for (let laid = -60; laid <= 120; laid++) {
            const seenSo = sights.every(({ on, stage }) => ALLOWED_AGES[stage](on - laid));
            const isEmergency = removed !== null && first > removed && !neverHeld;
            const overLarva = isEmergency || checks.some(({ on, cellsRemoved }) => cellsRemoved && on < first) ? 6 : 0;
            const checksSo = checks.every(({ on, thoroughness }) => {
              if (on >= first || thoroughness === 'tip-up') return true;
              return laid >= (thoroughness === 'cleared' ? on : on - 3) - overLarva;
            });
            const emergencySo =
              removed === null || first <= removed || neverHeld || (laid >= removed - 6 && laid <= removed);
            if (seenSo && checksSo && emergencySo) possible.push(laid);
          }
          const [cell] = dateCells(
            sights.map(({ on, stage }) => ({ cell: 'a', on: addDays(START, on), stage })),
            checks.map((check) => ({ ...check, on: addDays(START, check.on) })),
            removed === null ? null : addDays(START, removed),
          ).cells;
          if (!cell) throw new Error('no cell came back');
          if (cell.conflict?.kind === 'no-day') expect(possible).toEqual([]);
          else if (!cell.conflict && cell.laid) {
            expect(cell.laid.to - START).toBe(possible.at(-1));
            if (cell.laid.from === null) expect(possible[0]).toBe(-60);
            else expect(cell.laid.from - START).toBe(possible[0]);
          } else if (!cell.conflict) expect(possible.at(-1)).toBe(120);
        },
      ),
      { numRuns: 2000 },
    );
  });

  it('needs only the closest of several checks, and the last at which cells were broken down', () => {
    fc.assert(
      fc.property(arbitraryChecks, fc.integer({ min: 30, max: 60 }), (unsorted, first) => {
        const checks = unsorted
          .map((check) => ({ ...check, on: addDays(START, check.on) }))
          .sort((a, b) => a.on - b.on);
        const observations = [{ cell: 'a', on: addDays(START, first), stage: 'emerged' as const }];
        const closest = closestChecks(checks, addDays(START, first));
        expect(closest.length).toBeLessThanOrEqual(2);
        expect(dateCells(observations, closest, null)).toEqual(dateCells(observations, checks, null));
      }),
    );
  });

  it('keeps every window in order, and inside what was seen', () => {
    fc.assert(
      fc.property(arbitrarySights, arbitraryChecks, (sights, checks) => {
        const [cell] = dateCells(
          sights.map(({ on, stage }) => ({ cell: 'a', on: addDays(START, on), stage })),
          checks.map((check) => ({ ...check, on: addDays(START, check.on) })),
          null,
        ).cells;
        for (const window of [cell?.sealing, cell?.emergence]) {
          if (!window) continue;
          const days = [window.earliest, window.likelyFrom, window.likelyTo, window.latest];
          expect([...days].sort((a, b) => a - b)).toEqual(days);
        }
      }),
    );
  });

  it('does not mind the order of entry', () => {
    fc.assert(
      fc.property(arbitrarySights, (sights) => {
        const days = (list: typeof sights) => {
          const observations = list.map(({ on, stage }) => ({ cell: 'a', on: addDays(START, on), stage }));
          const [cell] = dateCells(observations, [], null).cells;
          return { ...cell, conflict: cell?.conflict?.kind };
        };
        expect(days([...sights].reverse())).toEqual(days(sights));
      }),
    );
  });
});
