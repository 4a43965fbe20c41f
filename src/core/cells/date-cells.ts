import { type Day, earliestOf, latestOf } from '../calendar/day';
import { type CellCheck, type CellDates, type CellSight, dateCell } from './dating';
import type { CellStage } from './stage';

export interface CellObservation {
  readonly cell: string;
  readonly on: Day;
  readonly stage: CellStage;
}

export interface ColonyCellDates {
  readonly firstSealing: Day | null;
  readonly firstEmergence: Day | null;
  readonly lastEmergence: Day | null;
}

export interface DatedCells {
  /** In order of first appearance in the observations. */
  readonly cells: readonly (CellDates & { readonly cell: string })[];
  readonly colony: ColonyCellDates;
}

/**
 * Dates every cell of a colony from all sights of them, given in any order. A conflict's indexes point into `observations`.
 * See {@link dateCell} for the rules.
 */
export function dateCells(
  observations: readonly CellObservation[],
  checks: readonly CellCheck[],
  queenRemoved: Day | null,
): DatedCells {
  const sightsByCell = new Map<string, CellSight[]>();
  observations.forEach(({ cell, on, stage }, index) => {
    const sights = sightsByCell.get(cell) ?? [];
    sights.push({ on, stage, index });
    sightsByCell.set(cell, sights);
  });
  const cells = [...sightsByCell].map(([cell, sights]) => ({
    cell,
    ...dateCell({ sights: sights.sort((a, b) => a.on - b.on || a.index - b.index), checks, queenRemoved }),
  }));
  return { cells, colony: colonyCellDates(cells) };
}

/** The days that matter for the colony as a whole. Only live cells without a contradiction count. */
export function colonyCellDates(cells: readonly CellDates[]): ColonyCellDates {
  const live = cells.filter(({ status, conflict }) => status === 'live' && conflict === null);
  const sealing = live.map(({ sealing }) => sealing).filter((window) => window !== null);
  const emergence = live.map(({ emergence }) => emergence).filter((window) => window !== null);
  return {
    firstSealing: pick(
      earliestOf,
      sealing.map(({ earliest }) => earliest),
    ),
    firstEmergence: pick(
      earliestOf,
      emergence.map(({ earliest }) => earliest),
    ),
    lastEmergence: pick(
      latestOf,
      emergence.map(({ latest }) => latest),
    ),
  };
}

function pick(choose: (first: Day, ...rest: Day[]) => Day, days: readonly Day[]): Day | null {
  const [first, ...rest] = days;
  return first === undefined ? null : choose(first, ...rest);
}
