import { EGG_HATCHES } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import { notAfter, spanOf, type Window } from '../calendar/window';
import type { QueenExpected } from '../inspections/inspection-seen';
import type { ReadingName } from '../inspections/reading';
import type { FollowUpCode } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { type AnswerMeaning, meaningOf } from '../programmes/answers';
import type { CheckAnswerFact, ProgrammePart } from '../programmes/facts';
import type { ColonyOrigin, InspectionFact, QueenEventFact } from './facts';
import { emergencesOf, type TrackedCell } from './track-cells';

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
  /** Not known from the keeper's own hand, but read from the brood: she left with a swarm. */
  readonly presumedGone: boolean;
  /** The day she was taken away or lost; null when that is not how it came about. */
  readonly removedOn: Day | null;
  /** When the virgin that is now expected came out. */
  readonly virginEmerged: Window | null;
  readonly cagedOn: Day | null;
  readonly released: boolean;
  readonly clipped: boolean;
  readonly queenId: string | null;
  /** The last day on which she was surely alive, and how that is known. */
  readonly lastProof: { readonly on: Day; readonly by: 'seen' | 'eggs' } | null;
  readonly lastEggsSeen: Day | null;
  /** The fact that began the present span without a laying queen; checks hang on it. Null: she lays. */
  readonly cycle: string | null;
  readonly programme: QueenProgramme | null;
  /** Since when nobody knows whether she is in this half of a split or in the other. */
  readonly eitherHalfSince: Day | null;
  /** It was found to have no queen, and nothing to raise one from. */
  readonly withoutSince: Day | null;
  /** Eggs were looked for in their window, and there were none. */
  readonly noEggsOn: Day | null;
  /** A test comb showed that there is a queen, who does not lay yet. */
  readonly lateButThereOn: Day | null;
}

/** A laying queen is in there, as far as is known. */
export const lays = ({ expected, presumedGone }: QueenState): boolean => expected === 'laying' && !presumedGone;

const onlyOn = (day: Day): Window => ({ earliest: day, likelyFrom: day, likelyTo: day, latest: day });

export function queenStateAtStart(origin: ColonyOrigin, startedOn: Day): QueenState {
  const isCast = origin === 'cast';
  return {
    expected: isCast ? 'virgin' : 'laying',
    presumedGone: false,
    removedOn: null,
    virginEmerged: isCast ? onlyOn(startedOn) : null,
    cagedOn: null,
    released: false,
    clipped: false,
    queenId: null,
    lastProof: null,
    lastEggsSeen: null,
    cycle: isCast ? 'start' : null,
    programme: null,
    eitherHalfSince: null,
    withoutSince: null,
    noEggsOn: null,
    lateButThereOn: null,
  };
}

const nobodyElse = {
  removedOn: null,
  virginEmerged: null,
  cagedOn: null,
  released: false,
  presumedGone: false,
  cycle: null,
  programme: null,
  eitherHalfSince: null,
  withoutSince: null,
  noEggsOn: null,
  lateButThereOn: null,
};

/** The state after something befell the queen. */
export function afterQueenEvent(state: QueenState, { id, kind, on, queenId }: QueenEventFact): QueenState {
  switch (kind) {
    case 'present':
      return { ...state, ...nobodyElse, expected: 'laying', clipped: keepsClip(state, queenId), queenId };
    case 'virgin-out':
      return {
        ...state,
        ...nobodyElse,
        expected: 'virgin',
        virginEmerged: onlyOn(on),
        clipped: false,
        queenId,
        cycle: id,
      };
    case 'caged-in':
      return {
        ...state,
        ...nobodyElse,
        expected: 'caged',
        cagedOn: on,
        clipped: keepsClip(state, queenId),
        queenId,
        cycle: id,
      };
    case 'released':
      return { ...state, released: true };
    case 'marked':
      return state;
    case 'clipped':
      return { ...state, clipped: true, queenId };
    case 'removed':
    case 'lost':
      return { ...state, ...nobodyElse, ...noQueen, removedOn: on, cycle: id };
  }
}

const noQueen = { expected: 'none', clipped: false, queenId: null } as const;

/** The state after a programme began on the colony. */
export function afterProgrammeStart(state: QueenState, part: ProgrammePart): QueenState {
  const { programme, queen, units, queenClipped } = part;
  const { id, on } = programme;
  const { raisesQueen } = methodNamed(programme.method);
  const raising: QueenProgramme = {
    id,
    unit: raisesQueen?.unit ?? (units[0] as string),
    isThinned: (raisesQueen?.thinned ?? false) && programme.secondThinning,
    isMoved: raisesQueen?.isMoved ?? false,
    buysQueen: programme.buysQueen,
  };
  const anew = { ...state, ...nobodyElse };
  switch (queen) {
    case 'laying':
      return { ...anew, expected: 'laying', clipped: queenClipped, queenId: programme.queenId };
    case 'taken':
      return { ...anew, ...noQueen, removedOn: on, cycle: id, programme: raising };
    case 'gone':
      return { ...anew, ...noQueen, presumedGone: true, cycle: id, programme: raising };
    case 'caged':
      return {
        ...anew,
        expected: 'caged',
        clipped: false,
        queenId: programme.queenId,
        cagedOn: on,
        cycle: id,
        programme: raising,
      };
    case 'either':
      return { ...state, eitherHalfSince: on, cycle: id, programme: raising };
    case 'ends':
    case 'unchanged':
      return state;
  }
}

/** The state once it is known which half of a split this colony is. */
export function afterHalfKnown(state: QueenState, { programme, half }: ProgrammePart): QueenState {
  const { cycle, programme: raising } = state;
  if (!half || state.eitherHalfSince === null) return state;
  const anew = { ...state, ...nobodyElse };
  switch (half.is) {
    case 'queen':
      return { ...anew, expected: 'laying', lastEggsSeen: half.on, lastProof: { on: half.on, by: 'eggs' } };
    case 'queenless':
      return { ...anew, ...noQueen, removedOn: programme.on, cycle, programme: raising };
    case 'failed':
      return { ...anew, ...noQueen, withoutSince: half.on, cycle, programme: raising };
  }
}

/** The state after a follow-up was answered. */
export function afterAnswer(state: QueenState, answer: CheckAnswerFact, parts: readonly ProgrammePart[]): QueenState {
  const { on, programmeId } = answer;
  const part = parts.find(({ programme }) => programme.id === programmeId);
  const says: AnswerMeaning['queen'] = meaningOf(answer.code as FollowUpCode, answer.answer)?.queen;
  const cycle = state.cycle ?? programmeId;
  switch (says) {
    case 'laying':
      return {
        ...state,
        ...nobodyElse,
        expected: 'laying',
        lastEggsSeen: on,
        lastProof: { on, by: 'eggs' },
      };
    case 'no-eggs':
      return { ...state, noEggsOn: on };
    case 'queen-there':
      return { ...state, noEggsOn: null, lateButThereOn: on };
    case 'released':
      return { ...state, released: true };
    case 'raising': {
      const programme = {
        id: programmeId,
        unit: part?.units[0] ?? 'hive',
        isThinned: true,
        isMoved: false,
        buysQueen: false,
      };
      return { ...state, ...nobodyElse, ...noQueen, removedOn: part?.programme.on ?? on, cycle, programme };
    }
    case 'without': {
      // A split that failed leaves both halves without a queen; that is told by the halves.
      if (answer.code === 'which-half') return state;
      return { ...state, ...nobodyElse, ...noQueen, withoutSince: on, cycle, programme: state.programme };
    }
    case undefined:
      return state;
  }
}

const keepsClip = (state: QueenState, queenId: string) => state.queenId === queenId && state.clipped;

/** Could eggs seen at this inspection have been laid by a queen that was taken away before it? */
function eggsMayBeHers({ removedOn }: QueenState, { on, youngest }: InspectionFact): boolean {
  if (removedOn === null) return false;
  const oldestEgg = youngest === 'eggs-upright' ? 1 : EGG_HATCHES.value;
  return addDays(on, -oldestEgg) <= removedOn;
}

/**
 * The state before an inspection is read: cells known from before may have let a virgin out meanwhile. That is expected of a
 * colony without its queen when none of its cells is live any more and the first of them could be out by then.
 */
export function beforeInspection(
  state: QueenState,
  { on, eggs }: InspectionFact,
  knownBefore: readonly TrackedCell[],
  liveNow: number,
): QueenState {
  const queenless = state.expected === 'none' || state.presumedGone;
  if (!queenless || liveNow > 0 || eggs === 'seen') return state;
  const emerged = spanOf(emergencesOf(knownBefore));
  if (!emerged || emerged.earliest > on) return state;
  const { cycle, programme } = state;
  const virginEmerged = notAfter(emerged, on);
  return { ...state, ...nobodyElse, expected: 'virgin', virginEmerged, clipped: false, cycle, programme };
}

/** The state after an inspection was read as `reading`; `cells` as tracked up to and with it. */
export function afterInspection(
  state: QueenState,
  inspection: InspectionFact,
  reading: ReadingName,
  cells: readonly TrackedCell[],
): QueenState {
  const { on, eggs, queen } = inspection;
  const proven: QueenState = {
    ...state,
    lastEggsSeen: eggs === 'seen' ? on : state.lastEggsSeen,
    lastProof: queen === 'seen' ? { on, by: 'seen' } : eggs === 'seen' ? { on, by: 'eggs' } : state.lastProof,
  };
  if (reading === 'drone-laying') return state;
  // Eggs of the queen of either half are no proof of her in this one, until it is known which it is.
  if (state.eitherHalfSince !== null) return proven;
  if (reading === 'virgin-loose' || reading === 'cast-risk') {
    const vacated = cells.filter(
      ({ planBy, lastSeen }) => lastSeen === on && (planBy.status === 'emerged' || planBy.status === 'destroyed'),
    );
    const emerged = spanOf(emergencesOf(vacated));
    const virginEmerged = emerged ? notAfter(emerged, on) : onlyOn(on);
    const { cycle, programme } = state;
    return {
      ...proven,
      ...nobodyElse,
      expected: 'virgin',
      virginEmerged,
      clipped: false,
      queenId: null,
      cycle: cycle ?? inspection.id,
      programme,
    };
  }
  if (eggs === 'seen') {
    return eggsMayBeHers(state, inspection) ? state : { ...proven, ...nobodyElse, expected: 'laying' };
  }
  if (queen === 'seen' && state.expected === 'none') return { ...proven, ...nobodyElse, expected: 'laying' };
  if (reading === 'swarmed') {
    return { ...proven, presumedGone: true, clipped: false, cycle: state.cycle ?? inspection.id };
  }
  return queen === 'seen' ? { ...proven, presumedGone: false } : proven;
}
