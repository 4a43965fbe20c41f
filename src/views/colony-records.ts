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
  /** UTC. */
  readonly revisedAt: string;
  readonly action: 'corrected' | 'deleted' | 'restored';
}

export const QUEEN_EVENT_WORDS: { readonly [K in QueenEventKind]: string } = {
  present: 'a laying queen is here',
  'virgin-out': 'a virgin has emerged',
  'virgin-in': 'a virgin was put in',
  'virgin-caged-in': 'a virgin was given in a cage',
  'virgin-taken': 'the virgin was caught and taken out',
  'caged-in': 'a mated queen was given in a cage',
  released: 'let out of the cage',
  marked: 'marked',
  clipped: 'wing clipped',
  removed: 'taken away',
  lost: 'dead or lost',
  swarmed: 'left with a swarm',
  'cast-left': 'a virgin left with a cast',
};

export const SWARM_WENT_WORDS: { readonly [W in SwarmWent]: string } = {
  'not-known': 'not known',
  hanging: 'hung in sight',
  'flew-off': 'flew off',
  hived: 'was hived',
};
