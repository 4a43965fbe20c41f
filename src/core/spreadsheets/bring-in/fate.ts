import type { Issue } from '../../problems/issue';
import type { FieldCode } from './fields';
import type { Fate } from './plan';
import type { ReadRow } from './read-row';

/** How a row is named in the list of fates. */
const named = ({ row, values, hasTime }: ReadRow) => ({
  row,
  colony: String(values.colony ?? ''),
  at: typeof values.at === 'string' ? values.at.slice(0, hasTime ? undefined : 'YYYY-MM-DD'.length) : dayNamed(values),
});

const dayNamed = ({ on, presentOn, startedOn }: ReadRow['values']): string | null => {
  const found = [on, presentOn, startedOn].find((value) => typeof value === 'string');
  return typeof found === 'string' ? found : null;
};

export const asNew = (read: ReadRow): Fate => ({ ...named(read), fate: 'new', issues: [], differs: [] });
export const asRefused = (read: ReadRow, issues: readonly Issue[]): Fate => ({
  ...named(read),
  fate: 'refused',
  issues,
  differs: [],
});
/** What the book has already: the same, or something else in the fields named. */
export const asHeld = (read: ReadRow, differs: readonly FieldCode[]): Fate => ({
  ...named(read),
  fate: differs.length > 0 ? 'conflict' : 'known',
  issues: [],
  differs,
});
