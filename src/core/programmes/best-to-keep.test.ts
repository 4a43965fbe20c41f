import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import type { CellStage } from '../cells/stage';
import { aColony, inspection } from '../colony/testing';
import { methodNamed } from '../methods/methods';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { foldColony } from '../state/fold';
import { bestToKeep, cellsToKeep, keepTogether } from './best-to-keep';

/** Cells as seen on 16 May, `a:larva-large:3` on frame 3. */
function cellsOf(...seen: readonly `${string}:${CellStage}:${number}`[]) {
  const parts = seen.map((one) => one.split(':') as [string, CellStage, string]);
  const facts = aColony({
    cells: parts.map(([id, , frame]) => ({ id, label: id, place: 'bottom', box: 1, frame: Number(frame), part: null })),
    inspections: [
      inspection({
        at: '2027-05-16T12:00',
        cells: parts.map(([cellId, found]) => ({ cellId, found, takenDown: false })),
      }),
    ],
  });
  return foldColony(facts, DEFAULT_SETTINGS, day('2027-05-16')).liveCells;
}
const names = (cells: ReturnType<typeof cellsOf>) => cells.map(({ cell }) => cell.id).join('');
const chosen = (method: 'nuc-swarm' | 'cell-nuc' | 'demaree', cells: ReturnType<typeof cellsOf>, isLaying: boolean) =>
  names(cellsToKeep(methodNamed(method), cells, isLaying, 1));

describe('the cell that is best kept', () => {
  it('is charged and not closed yet; then closed, then small', () => {
    const cells = cellsOf('a:larva-small:1', 'b:sealed-ripe:2', 'c:larva-large:3', 'd:sealed-fresh:4');
    expect(names(bestToKeep(cells))).toBe('cdba');
    expect(chosen('nuc-swarm', cells, true)).toBe('c');
    expect(chosen('demaree', cells, true)).toBe('');
  });

  it('of a nuc made with one to spare travels best, and is not the one that the colony needs itself', () => {
    const cells = cellsOf('a:larva-large:1', 'b:sealed-fresh:2', 'c:sealed-ripe:3');
    expect(chosen('cell-nuc', cells, true)).toBe('c');
    expect(chosen('cell-nuc', cells, false)).toBe('c');
    const open = cellsOf('a:larva-large:1', 'b:sealed-fresh:2');
    expect(chosen('cell-nuc', open, true)).toBe('a');
    expect(chosen('cell-nuc', open, false)).toBe('b');
  });

  it('of two, the second is the next in age, so that no virgin is out days before the other', () => {
    const cells = cellsOf('a:larva-large:1', 'b:sealed-ripe:2', 'c:sealed-fresh:3', 'd:egg:4');
    expect(names(keepTogether(cells, 2))).toBe('ac');
    expect(names(keepTogether(cells, 1))).toBe('a');
    expect(names(keepTogether([], 2))).toBe('');
  });

  it('of equals to stay in the hive, too, hangs with fewest others', () => {
    expect(names(bestToKeep(cellsOf('a:larva-large:3', 'b:larva-large:3', 'c:larva-large:6')))).toBe('cab');
  });

  it('of equals hangs alone on its frame', () => {
    expect(chosen('cell-nuc', cellsOf('a:sealed:3', 'b:sealed:3', 'c:sealed:6'), true)).toBe('c');
  });
});
