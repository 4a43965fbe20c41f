import type { QueenEventKind, SwarmWent } from '../core/colony/facts';

/** Something that happened to one of the colony's queens. */
export interface QueenLine {
  readonly id: string;
  readonly queenId: string;
  readonly at: string | null;
  readonly on: string;
  /** The last day on which it may have been; null: the day is certain. */
  readonly to: string | null;
  readonly kind: QueenEventKind;
  readonly went: SwarmWent | null;
  readonly hivedAsId: string | null;
  readonly note: string;
  readonly queen: string;
  /** The colony that it happened in, where that is another than hers now. */
  readonly elsewhere: string | null;
  readonly isDeleted: boolean;
}

export interface QueenChoice {
  readonly id: string;
  readonly name: string;
}

/** A correction or deletion of an entry. */
export interface EntryChange {
  readonly id: string;
  readonly entityId: string;
  /** The keeper’s minute, `YYYY-MM-DDTHH:mm`. */
  readonly at: string;
  readonly action: 'corrected' | 'deleted' | 'restored';
}
