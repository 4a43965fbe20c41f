import type { Day } from '../calendar/day';
import type { DayRange, Window } from '../calendar/window';
import type { ColonyOrigin } from '../colony/facts';
import type { QueenDoubt } from '../colony/queen-doubt';

/** The programme under which a colony is without its queen or waits for a new one, and what it asks for meanwhile. */
export interface QueenProgramme {
  readonly id: string;
  readonly unit: string;
  /** Its cells are searched and thinned once more. */
  readonly isThinned: boolean;
  /** It is moved to the other side of the swarm on the same visit. */
  readonly isMoved: boolean;
  /** It is given a bought queen instead of raising its own. */
  readonly buysQueen: boolean;
}

/** Eggs were looked for in their time and there were none; or a test frame, or a sight of her, showed since that she is there and late. */
export type Overdue =
  | { readonly is: 'no-eggs'; readonly on: Day }
  | { readonly is: 'late-but-there'; readonly on: Day; readonly noEggsOn: Day | null };

/** What is known whoever is in there. */
export interface AlwaysKnown {
  /** The last day on which a queen was surely alive in there, and how that is known. */
  readonly lastProof: { readonly on: Day; readonly by: 'seen' | 'eggs' } | null;
  readonly lastEggsSeen: Day | null;
  /** The last day on which an earlier queen, who is known to be gone, may have laid. */
  readonly lastOwnEggs: Day | null;
  /** Null: eggs are not waited for, or it is not their time yet. */
  readonly overdue: Overdue | null;
  /** What does not fit together, or which queen it was is not known; null: nothing of the kind. */
  readonly doubt: QueenDoubt | null;
}

/** Nobody has said anything of its queen: it is taken to have one who lays, as a colony has as a rule. */
export interface NotKnown {
  readonly is: 'not-known';
}

export interface Laying {
  readonly is: 'laying';
  readonly queenId: string | null;
  readonly clipped: boolean;
  /** She came with a swarm or a nuc on that day, and has not been seen to lay here. */
  readonly arrivedOn: Day | null;
  /** The first eggs of a queen who was waited for, and the fact that tells of them. */
  readonly laysSince: { readonly on: Day; readonly id: string } | null;
}

/** The present span without a laying queen. */
export interface Waiting {
  /** The fact that began it; checks hang on it. */
  readonly requeeningId: string;
  readonly programme: QueenProgramme | null;
}

/** She left, or is taken to have left, with a swarm; not known from the keeper's own hand. */
export interface Going extends Waiting {
  readonly is: 'going';
  /** The days between which a swarm was seen to leave; null: none was, it is read from brood and cells. */
  readonly swarmedOn: DayRange | null;
  /** Who left; null: not known. */
  readonly queenId: string | null;
}

/** It is without a queen and raises one, as far as is known. */
export interface Raising extends Waiting {
  readonly is: 'raising';
  /** The days between which she was taken away or lost; null: that is not how it came about. */
  readonly lost: DayRange | null;
  /** The days between which a swarm was seen to leave with her; null: none was. */
  readonly swarmedOn: DayRange | null;
}

/** It was found to have no queen, and nothing to raise one from. */
export interface Without extends Waiting {
  readonly is: 'without';
  readonly since: Day;
  readonly lost: DayRange | null;
}

/** A virgin is in there, or will be. */
export interface Virgin extends Waiting {
  readonly is: 'virgin';
  readonly emerged: Window;
  readonly queenId: string | null;
  readonly clipped: boolean;
}

/** A mated queen was given in a cage, and has not been seen to lay. */
export interface Caged extends Waiting {
  readonly is: 'caged';
  readonly cagedOn: Day;
  readonly released: boolean;
  readonly queenId: string | null;
  readonly clipped: boolean;
}

/** Nobody knows whether she is in this half of a split or in the other. */
export interface EitherHalf extends Waiting {
  readonly is: 'either-half';
  readonly since: Day;
  /** Who is in one half of it alone. */
  readonly of: NotKnown | Laying | Virgin | Caged;
}

/** What is known of a colony's queen at one moment. */
export type QueenState = AlwaysKnown & (NotKnown | Laying | Going | Raising | Without | Virgin | Caged | EitherHalf);

/** What stays known when who is in there changes: nothing is overdue any more, nor in doubt. */
export const anew = ({ lastProof, lastEggsSeen, lastOwnEggs }: QueenState): AlwaysKnown => ({
  lastProof,
  lastEggsSeen,
  lastOwnEggs,
  overdue: null,
  doubt: null,
});

/** The same, and what was looked for in vain or is in doubt stays as it was. */
export const stillKnown = ({ lastProof, lastEggsSeen, lastOwnEggs, overdue, doubt }: QueenState): AlwaysKnown => ({
  lastProof,
  lastEggsSeen,
  lastOwnEggs,
  overdue,
  doubt,
});

/** She was taken away or lost between two days, and another is raised. */
export const raisingSince = (state: QueenState, lost: DayRange, waiting: Waiting): AlwaysKnown & Raising => ({
  ...anew(state),
  lastOwnEggs: lost.to,
  is: 'raising',
  lost,
  swarmedOn: null,
  ...waiting,
});

/** A laying queen of whom nothing else is known. */
export const LAYING: Laying = { is: 'laying', queenId: null, clipped: false, arrivedOn: null, laysSince: null };

export const onlyOn = (day: Day): Window => ({ earliest: day, likelyFrom: day, likelyTo: day, latest: day });
/** Some time in a span, no day likelier than another. */
export const within = ({ from, to }: DayRange): Window => ({
  earliest: from,
  likelyFrom: from,
  likelyTo: to,
  latest: to,
});

const NOTHING_YET: AlwaysKnown = {
  lastProof: null,
  lastEggsSeen: null,
  lastOwnEggs: null,
  overdue: null,
  doubt: null,
};

export function queenStateAtStart(origin: ColonyOrigin, startedOn: Day): QueenState {
  switch (origin) {
    case 'cast':
      return {
        ...NOTHING_YET,
        is: 'virgin',
        emerged: onlyOn(startedOn),
        queenId: null,
        clipped: false,
        requeeningId: 'start',
        programme: null,
      };
    case 'prime-swarm':
    case 'nuc':
      return { ...NOTHING_YET, ...LAYING, arrivedOn: startedOn };
    default:
      return { ...NOTHING_YET, is: 'not-known' };
  }
}

/**
 * Her eggs were seen, as they were before. Each field by name: this follows from most inspections there ever were, and copies of
 * copies take ten times as long.
 */
export const stillLaying = (state: AlwaysKnown & (NotKnown | Laying), on: Day): AlwaysKnown & Laying => ({
  is: 'laying',
  queenId: state.is === 'laying' ? state.queenId : null,
  clipped: state.is === 'laying' && state.clipped,
  arrivedOn: null,
  laysSince: state.is === 'laying' ? state.laysSince : null,
  lastProof: { on, by: 'eggs' },
  lastEggsSeen: on,
  lastOwnEggs: state.lastOwnEggs,
  overdue: null,
  doubt: state.doubt,
});

/** A virgin is in there; the span without a laying queen goes on where one had begun. */
export function withVirgin(
  state: QueenState,
  emerged: Window,
  queenId: string | null,
  id: string,
): AlwaysKnown & Virgin {
  const isWaiting = state.is !== 'laying' && state.is !== 'not-known';
  return {
    ...anew(state),
    is: 'virgin',
    emerged,
    queenId,
    clipped: false,
    requeeningId: isWaiting ? state.requeeningId : id,
    programme: isWaiting ? state.programme : null,
  };
}
