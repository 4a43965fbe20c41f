import { SHEET_LIMITS } from './limits';
import { wordOf } from './matching';
import type { Table } from './read-table';
import { type DayOrder, type DaysOfColumn, daysOfColumn, orderOf } from './written-day';

/** What a column looks like. */
export interface ColumnSeen {
  readonly head: string;
  /** Cells that are not empty. */
  readonly filled: number;
  /** What stands in them, as it was first written, the most frequent first; not more than {@link MOST_WORDS}. */
  readonly distinct: readonly { readonly text: string; readonly count: number }[];
  /** There are more than are listed: it is no column of words. */
  readonly isMany: boolean;
  readonly days: DaysOfColumn;
  /** What comes first in its days; null: they do not say. */
  readonly order: DayOrder | null;
}

/** A column of more words than that is not gone through word by word. */
export const MOST_WORDS = 40;
/** Days are looked at in so many different cells at most. */
const MOST_DAYS = 2000;

/** Looks at each column of a table. */
export function columnsSeen({ heads, rows }: Table): readonly ColumnSeen[] {
  return heads.map((head, at) => {
    const counts = new Map<string, { text: string; count: number }>();
    let filled = 0;
    for (const { cells } of rows) {
      const text = (cells[at] ?? '').trim();
      if (text === '') continue;
      filled += 1;
      const word = wordOf(text);
      const known = counts.get(word);
      if (known) known.count += 1;
      else counts.set(word, { text: text.slice(0, SHEET_LIMITS.word), count: 1 });
    }
    const all = [...counts.values()];
    const days = daysOfColumn(all.slice(0, MOST_DAYS));
    const distinct = all.sort((a, b) => b.count - a.count).slice(0, MOST_WORDS);
    return { head, filled, distinct, isMany: counts.size > MOST_WORDS, days, order: orderOf(days) };
  });
}
