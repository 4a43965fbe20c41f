import type { QueenEventKind } from '../core/colony/facts';

/** Something that befell one of the colony's queens. */
export interface QueenLine {
  readonly id: string;
  readonly on: string;
  readonly kind: QueenEventKind;
  readonly note: string;
  readonly queen: string;
}

export interface QueenChoice {
  readonly id: string;
  readonly name: string;
}

/** A correction or deletion of an entry. */
export interface EntryChange {
  readonly id: string;
  readonly entityId: string;
  /** UTC. */
  readonly revisedAt: string;
  readonly action: 'corrected' | 'deleted' | 'restored';
}

export const QUEEN_EVENT_WORDS: { readonly [K in QueenEventKind]: string } = {
  present: 'a laying queen is here',
  'virgin-out': 'a virgin is out, or was put in',
  'caged-in': 'given in a cage',
  released: 'let out of the cage',
  marked: 'marked',
  clipped: 'wing clipped',
  removed: 'taken away',
  lost: 'dead or lost',
};
