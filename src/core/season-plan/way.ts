import type { MethodName } from '../methods/method';

/** The ways in which a colony is run over a season. */
export const WAY_NAMES = ['room-first', 'demaree', 'wait-for-cells', 'increase', 'requeen'] as const;
export type WayName = (typeof WAY_NAMES)[number];

/** The day of the season that an act hangs on: its first day, the first of its swarms, of its main flow, or a day that the keeper names. */
export const HOOKS = ['build-up', 'swarms', 'flow', 'by'] as const;
export type Hook = (typeof HOOKS)[number];

/** What of a colony an intended act gives way to. */
export const GIVES_WAY_TO = ['charged-cells', 'swarmed', 'no-laying-queen', 'other-method'] as const;
export type GivesWayTo = (typeof GIVES_WAY_TO)[number];

/** Days from what it hangs on: the first, the best and the last on which it is meant to be done. */
export interface ActDays {
  readonly from: number;
  readonly ideal: number;
  readonly to: number;
}

/** Something that is meant to be done to a colony in the course of its season. */
export interface IntendedAct {
  /** Once in each way. */
  readonly code: string;
  /** The method that it is, or those that the keeper chooses one of, the usual one first. */
  readonly method: MethodName | readonly [MethodName, ...MethodName[]];
  /** A day of the season, or the day on which another act of the way is meant. */
  readonly hangsOn: Hook | { readonly act: string };
  readonly days: ActDays;
  /** Its window: the whole swarm season. It is done when charged cells come, and only then. */
  readonly onlyIfCells?: true;
  /** It is done so many times less than there are to be new colonies: an act before it makes the first ones. */
  readonly onceForEachBeyond?: number;
  readonly givesWayTo: readonly GivesWayTo[];
}

/** What the keeper says more of when he chooses a way. */
export const WAY_CHOICES = ['count', 'method', 'by'] as const;
/** `count`: how many new colonies; `method`: which of the methods that its act allows; `by`: until when. */
export type WayChoice = (typeof WAY_CHOICES)[number];

/** One way to run a colony over a season: data, planned and told by what all ways share. */
export interface Way {
  readonly name: WayName;
  readonly choices: readonly WayChoice[];
  readonly acts: readonly IntendedAct[];
}

/** More new colonies are not made out of one in a season. */
export const NEW_COLONIES_AT_MOST = 4;
