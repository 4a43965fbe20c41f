import type { SeasonFacts } from '../core/formats/season-file';
import type { Differs } from '../words/backups';

/** A backup in the list. */
export interface BackupLine {
  readonly name: string;
  /** UTC instant at which it was made. */
  readonly at: string;
  readonly reason: string;
  readonly bytes: number;
  /** Colonies and inspections in it; null: it does not open. */
  readonly counts: { readonly colonies: number; readonly inspections: number } | null;
}

/** What is in a backup, and what bringing it back would change. */
export interface BackupLook {
  readonly counts: Readonly<Record<keyof SeasonFacts, number>>;
  /** The last inspections in it, newest first. */
  readonly last: readonly { readonly id: string; readonly at: string; readonly colony: string }[];
  readonly differs: readonly Differs[];
}
