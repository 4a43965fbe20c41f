import type { Bringable } from './fields';
import type { Asked, Plan, Planning } from './plan';
import { planCells } from './plans/cells';
import { planColonies } from './plans/colonies';
import { planInspections } from './plans/inspections';
import { planQueenEvents } from './plans/queen-events';
import { planQueens } from './plans/queens';
import { planWeights } from './plans/weights';
import { type ReadRow, rowReader } from './read-row';
import type { Table } from './read-table';

const PLANS: { readonly [K in Bringable]: (rows: readonly ReadRow[], asked: Asked) => Planning } = {
  colonies: planColonies,
  queens: planQueens,
  'queen-events': planQueenEvents,
  inspections: planInspections,
  cells: planCells,
  weights: planWeights,
};

/**
 * What becomes of each row of a table, and what would be written: the same for whoever looks at it beforehand and for the book that takes it.
 * Gives word of how many rows are done, so that it can be told of and left.
 *
 * @param zone the keeper's time zone; null: not known
 */
export function* planSheet(table: Table, asked: Asked, zone: string | null): Planning {
  const read = rowReader(table, asked.matching, zone);
  return yield* PLANS[asked.matching.kind](table.rows.map(read), asked);
}

/** The same in one go. */
export function planWhole(table: Table, asked: Asked, zone: string | null): Plan {
  const planning = planSheet(table, asked, zone);
  for (;;) {
    const { done, value } = planning.next();
    if (done) return value;
  }
}
