import { describe, expect, it } from 'vitest';
import { addDays, type Day, day, formatDay } from '../calendar/day';
import { laysSinceOf } from '../queens/queen-questions';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from '../state/fold';
import type { CellSeenFact } from './facts';
import { aColony, inspection } from './testing';

const SWARMED_ON = day('2027-08-20');
const cell = (id: string) => ({ id, label: id, place: 'bottom', box: 1, frame: 1, part: null }) as const;
const looked = (on: Day, eggs: 'seen' | 'none', ...cells: CellSeenFact[]) =>
  inspection({ id: formatDay(on), at: `${formatDay(on)}T12:00`, queen: 'none', eggs, cells });
const SEALED = { cellId: 'a', found: 'sealed', takenDown: false } as const;

describe('an inspection long after the last', () => {
  // It swarmed in August, and the next one to look into it may do so in spring.
  it.each([14, 60, 89, 91, 200])(
    '%i days after sealed cells and no eggs: eggs are those of the queen that it raised',
    (days) => {
      const on = addDays(SWARMED_ON, days);
      const facts = aColony({
        cells: [cell('a')],
        inspections: [looked(SWARMED_ON, 'none', SEALED), looked(on, 'seen')],
      });
      const { queen } = foldColony(facts, DEFAULT_SETTINGS, on);
      expect(queen).toMatchObject({ is: 'laying', doubt: null });
      expect(laysSinceOf(queen)).toBe(on);
    },
  );

  it('follows a cell on that it names again, and lists every cell once, the first seen first', () => {
    const sights = [0, 40, 80].map((days, i) => {
      const named = i === 1 ? ['b'] : i === 2 ? ['c', 'a'] : ['a'];
      const cells = named.map((cellId) => ({ cellId, found: 'cup-dry', takenDown: false }) as const);
      return looked(addDays(SWARMED_ON, days), 'seen', ...cells);
    });
    const facts = aColony({ cells: ['c', 'b', 'a'].map(cell), inspections: sights });
    const { cells } = foldColony(facts, DEFAULT_SETTINGS, addDays(SWARMED_ON, 81));
    expect(cells.map((one) => [one.cell.id, one.sights.length])).toEqual([
      ['a', 2],
      ['b', 1],
      ['c', 1],
    ]);
  });
});
