import { proposeMatching } from '../../../../views/propose-matching';
import { day } from '../../../calendar/day';
import { endOfDay } from '../../../calendar/now';
import { bareApiary } from '../../../facts/apiary';
import { columnsSeen } from '../column-seen';
import type { Bringable } from '../fields';
import type { Matching } from '../matching';
import type { BookSide, Change, Plan } from '../plan';
import { planWhole } from '../plan-sheet';
import { readTable } from '../read-table';

export const TODAY = day('2027-06-20');
export const NOW = { today: TODAY, minute: endOfDay(TODAY), instant: '2027-06-20T18:00:00.000Z' };
export const idOf = (n: number) => `01970000-0000-7000-8000-${String(n).padStart(12, '0')}`;
export const [HILL, OAK, ELM] = [idOf(1), idOf(2), idOf(3)];

export const colony = (id: string, name: string): BookSide['colonies'][number] => ({
  id,
  apiaryId: HILL,
  name,
  stand: '',
  origin: 'established',
  parentColonyId: null,
  startedOn: '2027-03-01',
  enteredOn: '2027-03-01',
  endedOn: null,
  note: '',
  wanted: 'nothing',
  deletedAt: null,
});
/** A book with nothing in it. */
export const EMPTY_BOOK: BookSide = {
  apiaries: [],
  colonies: [],
  inspections: [],
  cells: [],
  cellObservations: [],
  cellMoves: [],
  queens: [],
  queenEvents: [],
  scaleDays: [],
};

export const BOOK: BookSide = {
  ...EMPTY_BOOK,
  apiaries: [bareApiary(HILL, 'Hill')],
  colonies: [colony(OAK, 'Oak'), colony(ELM, 'Elm')],
};

/** What becomes of the rows of a sheet of a kind. */
export function planOf(
  kind: Bringable,
  lines: readonly string[],
  book: Partial<BookSide> = {},
  over: Partial<Matching> = {},
): Plan {
  const table = readTable(lines.join('\n'));
  if (!table.ok) throw new Error('No table');
  let made = 1000;
  const matching = { ...proposeMatching(columnsSeen(table.value), kind), ...over };
  return planWhole(table.value, { matching, book: { ...BOOK, ...book }, now: NOW, newId: () => idOf(made++) }, null);
}
export const fates = ({ fates: all }: Plan) =>
  all.map(({ fate, issues, differs }) =>
    [fate, ...issues.map(({ message }) => message.says.replace('problems/', '')), ...differs].join(' '),
  );
/** The rows of a table that are written. */
export const rowsOf = <T extends Change['table']>({ changes }: Plan, table: T) =>
  changes.flatMap((change) => (change.table === table ? [(change as Change<T>).row] : []));
export const bookAfter = (plan: Plan): Partial<BookSide> => ({
  inspections: rowsOf(plan, 'inspections'),
  cells: rowsOf(plan, 'cells'),
  cellObservations: rowsOf(plan, 'cellObservations'),
  queens: rowsOf(plan, 'queens'),
  queenEvents: rowsOf(plan, 'queenEvents'),
  scaleDays: rowsOf(plan, 'scaleDays'),
});
