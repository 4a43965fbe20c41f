import { emergesAfter } from '../biology/emerges-after';
import { EMERGE_AFTER_CAST, FIRST_EGGS } from '../biology/mating';
import { addDays, type Day } from '../calendar/day';
import { type DayRange, notAfter, type Window } from '../calendar/window';
import type { QueenExpected } from '../inspections/inspection-seen';
import { type ColonyOrigin, daysOf, type QueenEventFact } from './facts';
import type { QueenDoubt } from './queen-doubt';

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

/** What is known of a colony's queen at one moment. */
export interface QueenState {
  readonly expected: QueenExpected;
  /** Not known from the keeper's own hand, but read from the brood or because a swarm was seen: she left with it. */
  readonly presumedGone: boolean;
  /** The first day on which she may have been taken away or lost; null when that is not how it came about. */
  readonly removedOn: Day | null;
  /** The last such day; `removedOn` where that is certain. */
  readonly removedTo: Day | null;
  /** The days between which a swarm was seen to leave with her; null: none was. */
  readonly swarmedOn: DayRange | null;
  /** The last day on which an earlier queen, who is known to be gone, may have laid. */
  readonly lastOwnEggs: Day | null;
  /** When the virgin that is now expected emerged. */
  readonly virginEmerged: Window | null;
  readonly cagedOn: Day | null;
  readonly released: boolean;
  readonly clipped: boolean;
  readonly queenId: string | null;
  /** The last day on which she was surely alive, and how that is known. */
  readonly lastProof: { readonly on: Day; readonly by: 'seen' | 'eggs' } | null;
  readonly lastEggsSeen: Day | null;
  /** The fact that began the present span without a laying queen; checks hang on it. Null: she lays. */
  readonly requeeningId: string | null;
  readonly programme: QueenProgramme | null;
  /** Since when nobody knows whether she is in this half of a split or in the other. */
  readonly eitherHalfSince: Day | null;
  /** It was found to have no queen, and nothing to raise one from. */
  readonly withoutSince: Day | null;
  /** Eggs were looked for in their window, and there were none. */
  readonly noEggsOn: Day | null;
  /** A test frame showed that there is a queen, who does not lay yet. */
  readonly lateButThereOn: Day | null;
  /** She came with a swarm or a nuc on that day, and has not been seen to lay here. */
  readonly arrivedOn: Day | null;
  /** The first eggs of a queen who was waited for, and the fact that tells of them. */
  readonly laysSince: { readonly on: Day; readonly id: string } | null;
  /** What does not fit together, or which queen it was is not known; null: nothing of the kind. */
  readonly doubt: QueenDoubt | null;
}

/** A laying queen is in there, as far as is known. */
export const lays = ({ expected, presumedGone }: QueenState): boolean => expected === 'laying' && !presumedGone;

export const onlyOn = (day: Day): Window => ({ earliest: day, likelyFrom: day, likelyTo: day, latest: day });
/** Some time in a span, no day likelier than another. */
export const within = ({ from, to }: DayRange): Window => ({
  earliest: from,
  likelyFrom: from,
  likelyTo: to,
  latest: to,
});

export function queenStateAtStart(origin: ColonyOrigin, startedOn: Day): QueenState {
  const isCast = origin === 'cast';
  return {
    expected: isCast ? 'virgin' : 'laying',
    presumedGone: false,
    removedOn: null,
    removedTo: null,
    swarmedOn: null,
    lastOwnEggs: null,
    virginEmerged: isCast ? onlyOn(startedOn) : null,
    cagedOn: null,
    released: false,
    clipped: false,
    queenId: null,
    lastProof: null,
    lastEggsSeen: null,
    requeeningId: isCast ? 'start' : null,
    programme: null,
    eitherHalfSince: null,
    withoutSince: null,
    noEggsOn: null,
    lateButThereOn: null,
    arrivedOn: origin === 'prime-swarm' || origin === 'nuc' ? startedOn : null,
    laysSince: null,
    doubt: null,
  };
}

/**
 * Her eggs were seen, as they were before. Each field by name: this follows from most inspections there ever were, and copies of
 * copies take ten times as long.
 */
export const stillLaying = (state: QueenState, on: Day): QueenState => ({
  expected: state.expected,
  presumedGone: state.presumedGone,
  removedOn: state.removedOn,
  removedTo: state.removedTo,
  swarmedOn: state.swarmedOn,
  lastOwnEggs: state.lastOwnEggs,
  virginEmerged: state.virginEmerged,
  cagedOn: state.cagedOn,
  released: state.released,
  clipped: state.clipped,
  queenId: state.queenId,
  lastProof: { on, by: 'eggs' },
  lastEggsSeen: on,
  requeeningId: state.requeeningId,
  programme: state.programme,
  eitherHalfSince: state.eitherHalfSince,
  withoutSince: state.withoutSince,
  noEggsOn: null,
  lateButThereOn: null,
  arrivedOn: null,
  laysSince: state.laysSince,
  doubt: state.doubt,
});

/** It has no queen, and raises one or has nothing to raise one from: a virgin would be in one part of it alone. */
export const isWithoutQueen = ({ expected, presumedGone, eitherHalfSince }: QueenState): boolean =>
  eitherHalfSince === null && (expected === 'none' || presumedGone);

/** Nothing of an earlier queen, or of the wait for one, is left in the state. */
export const nobodyElse = {
  removedOn: null,
  removedTo: null,
  swarmedOn: null,
  virginEmerged: null,
  cagedOn: null,
  released: false,
  presumedGone: false,
  requeeningId: null,
  programme: null,
  eitherHalfSince: null,
  withoutSince: null,
  noEggsOn: null,
  lateButThereOn: null,
  arrivedOn: null,
  laysSince: null,
  doubt: null,
} as const satisfies Partial<QueenState>;

export const noQueen = { expected: 'none', clipped: false, queenId: null } as const;

/** A virgin is in there. */
export function withVirgin(state: QueenState, emerged: Window, queenId: string | null, id: string): QueenState {
  const { requeeningId, programme } = state;
  return {
    ...state,
    ...nobodyElse,
    expected: 'virgin',
    virginEmerged: emerged,
    clipped: false,
    queenId,
    requeeningId: requeeningId ?? id,
    programme,
  };
}

/**
 * The state after something happened to the queen.
 *
 * @param emerging when the virgins of the colony's own cells emerge; null: none are known
 */
export function afterQueenEvent(state: QueenState, event: QueenEventFact, emerging: Window | null = null): QueenState {
  const { id, kind, on, queenId, emerged } = event;
  const days = daysOf(event);
  const fresh = { ...state, ...nobodyElse };
  switch (kind) {
    case 'present':
      return { ...fresh, expected: 'laying', clipped: keepsClip(state, queenId), queenId };
    case 'virgin-out':
    case 'virgin-in': {
      const virgin = emerged ? notAfter(within(emerged), days.to) : within(days);
      return { ...withVirgin(state, virgin, queenId, id), requeeningId: id, programme: null };
    }
    case 'virgin-caged-in': {
      const virgin = emerged ? notAfter(within(emerged), days.to) : within(days);
      return { ...withVirgin(state, virgin, queenId, id), requeeningId: id, programme: null, cagedOn: on };
    }
    case 'virgin-taken':
      // Her cells are known; without one left the colony has nothing.
      if (state.expected === 'laying' && !state.presumedGone) return state;
      return withoutHer(state, event, emerging);
    case 'caged-in':
      return {
        ...fresh,
        expected: 'caged',
        cagedOn: on,
        clipped: keepsClip(state, queenId),
        queenId,
        requeeningId: id,
        lastOwnEggs: lossOf(state),
        doubt: oldQueenDoubt(state, id, on),
      };
    case 'released':
      return { ...state, released: true };
    case 'marked':
      // Who was not known by name before is so now.
      return state.queenId === null && lays(state) ? { ...state, queenId } : state;
    case 'clipped':
      return { ...state, clipped: true, queenId };
    case 'removed':
    case 'lost':
      // She was the virgin: there are no eggs of hers yet, and it raises another from its cells alone.
      if (state.expected === 'virgin' && state.doubt === null && !mayHaveLaid(state, on)) {
        return withoutHer(state, event, emerging);
      }
      // The old queen was found after all, while the bought one is in there.
      if (isOldQueenFound(state, queenId)) return { ...state, doubt: null, lastOwnEggs: days.to };
      return { ...fresh, ...noQueen, removedOn: days.from, removedTo: days.to, lastOwnEggs: days.to, requeeningId: id };
    case 'swarmed':
      return {
        ...fresh,
        expected: 'laying',
        presumedGone: true,
        clipped: false,
        queenId: null,
        swarmedOn: days,
        lastOwnEggs: days.to,
        requeeningId: id,
      };
    case 'cast-left': {
      const others = emerging ?? emergesAfter(days, EMERGE_AFTER_CAST);
      return { ...withVirgin(state, others, null, id), lastOwnEggs: state.lastOwnEggs };
    }
  }
}

const mayHaveLaid = ({ virginEmerged }: QueenState, on: Day): boolean =>
  virginEmerged === null || on >= addDays(virginEmerged.earliest, FIRST_EGGS.value.early);

/** A virgin is gone: another comes of the cells that are left, or there is nothing to raise one from. */
const withoutHer = (state: QueenState, { id, on }: QueenEventFact, emerging: Window | null): QueenState => ({
  ...state,
  ...nobodyElse,
  ...noQueen,
  requeeningId: id,
  programme: state.programme,
  lastOwnEggs: state.lastOwnEggs,
  withoutSince: emerging && emerging.latest > on ? null : on,
});

const keepsClip = (state: QueenState, queenId: string) => state.queenId === queenId && state.clipped;

/** The last day on which the queen before this one may have laid; null: she is not known to be gone. */
export function lossOf({ removedTo, swarmedOn, lastOwnEggs }: QueenState): Day | null {
  return removedTo ?? swarmedOn?.to ?? lastOwnEggs;
}

/** A bought queen was given to a colony whose own queen nobody has taken out. */
export function oldQueenDoubt(state: QueenState, id: string, on: Day): QueenDoubt | null {
  const isKnownGone = state.expected !== 'laying' || state.presumedGone || state.withoutSince !== null;
  return isKnownGone ? null : { code: 'old-queen-not-found', on, id };
}

function isOldQueenFound({ expected, doubt, queenId }: QueenState, foundId: string): boolean {
  const isOld = doubt?.code === 'old-queen-not-found' || doubt?.code === 'old-queen-there';
  return isOld && (expected === 'caged' || expected === 'laying') && foundId !== queenId;
}
