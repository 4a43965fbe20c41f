import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type CellStage, STAGES } from '../cells/stage';
import { type CellLook, cellLook, dryCup, lifeOf, stagesOf } from './cell-look';

/** Reads a drawing by its geometry alone, as somebody with a ruler would: no age, no seed. */
function readerOf({ egg, larva, capping, end }: CellLook): CellStage {
  if (end === 'torn-side') return 'torn-down';
  if (end === 'open-tip') return 'emerged';
  if (end === 'lid-cut') return 'queen-moving';
  if (egg) return egg.lean < 30 ? 'egg-upright' : egg.lean < 60 ? 'egg-leaning' : 'egg-flat';
  if (larva) return larva.length < 0.3 ? 'larva-small' : 'larva-large';
  if (capping) return capping.bareTip > 0 ? 'sealed-ripe' : 'sealed-fresh';
  return 'cup-dry';
}

const AGED = fc.tuple(fc.double({ min: 0, max: 16.9, noNaN: true }), fc.integer());

describe('a cell drawn from its age', () => {
  it('is dated within a day of its stage’s range by a naive reader, in 95 of 100', () => {
    let [right, all] = [0, 0];
    for (const [age, seed] of fc.sample(AGED, { numRuns: 5000, seed: 20270801 })) {
      const { ages } = STAGES[readerOf(cellLook('queen', age, seed))];
      all += 1;
      if (ages && age >= ages.from - 1 && age <= (ages.to ?? 99) + 1) right += 1;
    }
    expect(right / all).toBeGreaterThanOrEqual(0.95);
  });

  it('passes through its stages in their order, each at its days', () => {
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        let rank = -1;
        for (let age = 0; age < 18; age += 0.25) {
          const look = cellLook('queen', age, seed);
          const [told] = stagesOf(age, look);
          const next = STAGES[told as CellStage].rank ?? -1;
          expect(next).toBeGreaterThanOrEqual(rank);
          rank = next;
        }
        const { sealed, emerges } = lifeOf('queen', seed);
        expect(sealed >= 7 && sealed <= 9 && emerges >= 15 && emerges <= 17).toBe(true);
        expect(cellLook('queen', sealed - 0.01, seed).larva).not.toBeNull();
        expect(cellLook('queen', sealed + 0.01, seed).capping).not.toBeNull();
        expect(cellLook('queen', emerges + 0.01, seed).end).toBe('open-tip');
      }),
      { numRuns: 500 },
    );
  });

  it('is called by no stage whose days it does not lie in', () => {
    for (const [age, seed] of fc.sample(AGED, { numRuns: 5000, seed: 5 })) {
      for (const stage of stagesOf(age, cellLook('queen', age, seed))) {
        const { ages } = STAGES[stage];
        if (stage === 'emerged' || stage === 'queen-moving') expect(age).toBeGreaterThanOrEqual(14);
        else if (ages) expect(Math.floor(age) >= ages.from && Math.floor(age) <= (ages.to ?? 99)).toBe(true);
      }
    }
  });

  it('is the same each time, and no other than its seed', () => {
    expect(cellLook('queen', 5, 7)).toEqual(cellLook('queen', 5, 7));
    expect(cellLook('queen', 5, 7)).not.toEqual(cellLook('queen', 5, 8));
    expect(stagesOf(0, dryCup(3))).toEqual(['cup-dry']);
    expect(stagesOf(10, cellLook('queen', 10, 1), false)).toEqual(['sealed']);
    expect(stagesOf(12, cellLook('queen', 12, 1, 'torn-down'))).toEqual(['torn-down']);
  });
});
