import type { Day } from '../calendar/day';
import type { SurveyFact } from './survey';

/** A cell that hangs on a frame: its place as it was noted, from 1. */
export interface HungCell {
  readonly id: string;
  readonly box: number | null;
  readonly frame: number | null;
  readonly lastSeen: Day;
}

/**
 * The frame that each cell hangs on, by the cell; one whose place was not noted, or is not in the hive, is left out. A place is
 * that of the frames as they were when the cell was last seen; where they were surveyed only later, as they were then.
 */
export function framesOfCells(cells: readonly HungCell[], surveys: readonly SurveyFact[]): ReadonlyMap<string, string> {
  const inOrder = [...surveys].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  return new Map(
    cells.flatMap(({ id, box, frame, lastSeen }): [string, string][] => {
      if (box === null || frame === null) return [];
      const then =
        inOrder.findLast(({ on, source }) => on < lastSeen || (on === lastSeen && source === 'survey')) ?? inOrder[0];
      const found = then?.hive.boxes[box - 1]?.frames[frame - 1];
      return found ? [[id, found.id]] : [];
    }),
  );
}
