import type { SeasonFacts } from '../../formats/season-file';
import type { Issue, IssueCode } from '../../problems/issue';
import { say } from '../../problems/says';
import type { Said } from '../../says/said';
import { asRefused } from './fate';
import type { FieldCode } from './fields';
import { type Found, Hives } from './hives';
import { type Asked, type BookTable, type Change, type Fate, type Planning, ROWS_AT_A_TIME } from './plan';
import type { ReadRow } from './read-row';

export type Colony = SeasonFacts['colonies'][number];

export const fault = (field: FieldCode, code: IssueCode, message: Said): Issue => ({ path: [field], code, message });

/** What the plans of all kinds have in common: they go through rows one by one, and note what is written and for which hives. */
export abstract class RowPlan {
  protected readonly hives: Hives;
  protected readonly changes: Change[] = [];
  readonly #used = new Set<string>();

  constructor(protected readonly asked: Asked) {
    this.hives = new Hives(asked);
  }

  /** What becomes of a row that could be read. */
  protected abstract fateOf(read: ReadRow): Fate;

  /** Goes through the rows as they stand, or in another order. @param inOrder places of rows, each once */
  *plan(rows: readonly ReadRow[], inOrder: Iterable<number> = rows.keys()): Planning {
    const fates: Fate[] = [];
    let done = 0;
    for (const i of inOrder) {
      if (done % ROWS_AT_A_TIME === 0) yield done;
      done += 1;
      fates[i] = this.#fateOfAny(rows[i] as ReadRow);
    }
    const changes = this.finished(rows, fates);
    return {
      fates,
      changes: [...this.hives.added((id) => this.#used.has(id)), ...changes],
      unknown: this.hives.unknown,
    };
  }

  #fateOfAny(read: ReadRow): Fate {
    if (this.hives.isSum(read.values)) return asRefused(read, [fault('colony', 'invalid', say('a-row-of-sums'))]);
    if (read.issues.length === 0) return this.fateOf(read);
    this.hives.notice(read.values);
    return asRefused(read, read.issues);
  }

  /** What is written when all rows were gone through; fates that turn out otherwise are put right in place. */
  protected finished(_rows: readonly ReadRow[], _fates: Fate[]): readonly Change[] {
    return this.changes;
  }

  protected write<T extends BookTable>(table: T, row: Change<T>['row'], before: Change<T>['row'] | null = null): void {
    this.changes.push({ table, row, before } as Change);
  }

  /** Something is written of it, so that it has to be there. */
  protected uses({ id }: Colony): void {
    this.#used.add(id);
  }

  /** The hive of a row on the day that stands in a field. */
  protected hiveOn({ values }: ReadRow, field: FieldCode): Found<{ readonly colony: Colony; readonly at: string }> {
    const at = values[field];
    if (typeof at !== 'string') return { ok: false, issue: fault(field, 'missing', say('day-missing')) };
    const hive = this.hives.of(values, at.slice(0, 'YYYY-MM-DD'.length));
    return hive.ok ? { ok: true, is: { colony: hive.is, at } } : hive;
  }
}

/** A text of a row; null: it has none. */
export const textOf = ({ values }: ReadRow, field: FieldCode): string | null => {
  const value = values[field];
  return typeof value === 'string' ? value : null;
};
