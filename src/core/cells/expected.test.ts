import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findingWords } from '../../words/cells';
import { addDays, day } from '../calendar/day';
import { dateCells } from './date-cells';
import { ageOn, expectedStages } from './expected';
import { CELL_STAGES, isLive, isOpenCell, isSealed, STAGES } from './stage';

const may = (date: number) => addDays(day('2027-04-30'), date);

describe('what a cell may be by now', () => {
  it.each([
    ['larva-large', { from: may(3), to: may(5) }, 10, ['larva-large', 'sealed']],
    ['larva-large', { from: may(3), to: may(5) }, 12, ['larva-large', 'sealed']],
    ['larva-large', { from: may(3), to: may(5) }, 16, ['sealed']],
    ['sealed', { from: may(3), to: may(5) }, 19, ['sealed', 'emerged']],
    ['sealed', { from: may(3), to: may(5) }, 40, ['emerged']],
    ['egg', { from: null, to: may(5) }, 9, ['larva-small', 'larva-large', 'sealed', 'emerged']],
    ['egg', null, 9, ['egg', 'larva-small', 'larva-large', 'sealed', 'emerged']],
  ] as const)('last seen as %s, laid %o, on %i May: %o', (last, laid, on, expected) => {
    expect(expectedStages(laid, last, may(on))).toEqual(expected);
  });

  it('gives ages that begin at none', () => {
    expect(ageOn({ from: may(3), to: may(5) }, may(4))).toEqual({ from: 0, to: 1 });
    expect(ageOn({ from: null, to: may(5) }, may(9))).toEqual({ from: 4, to: null });
  });

  it('never goes back, and always leaves something to tap for a live cell that is not yet over', () => {
    fc.assert(
      fc.property(fc.constantFrom(...CELL_STAGES.filter(isLive)), fc.integer({ min: 0, max: 9 }), (stage, days) => {
        const [cell] = dateCells([{ cell: 'a', on: may(10), stage }], [], null).cells;
        const later = expectedStages(cell?.laid ?? null, stage, may(10 + days));
        expect(later.every((next) => (STAGES[next].rank ?? 0) >= (STAGES[stage].rank ?? 0))).toBe(true);
        expect(later.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('stages', () => {
  it('are dry, open, closed or over, and only open and closed ones live', () => {
    for (const stage of CELL_STAGES) {
      expect(isLive(stage)).toBe(isOpenCell(stage) || isSealed(stage));
      expect(findingWords(stage)).not.toBe('');
    }
    expect(CELL_STAGES.filter(isSealed)).toEqual(['sealed', 'sealed-fresh', 'sealed-ripe', 'queen-moving']);
    expect(findingWords('not-found')).toBe('gone');
  });

  it('follow one another without a gap in age', () => {
    const inOrder = ['egg', 'larva-small', 'larva-large', 'sealed', 'emerged'] as const;
    for (let i = 1; i < inOrder.length; i++) {
      const [before, next] = [STAGES[inOrder[i - 1] ?? 'egg'].ages, STAGES[inOrder[i] ?? 'egg'].ages];
      expect(next?.from).toBeLessThanOrEqual((before?.to ?? 0) + 1);
    }
  });
});
