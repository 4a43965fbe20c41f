import { EGG_HATCHES } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import { notAfter, spanOf, type Window } from '../calendar/window';
import type { QueenExpected } from '../inspections/inspection-seen';
import type { ReadingName } from '../inspections/reading';
import type { ColonyOrigin, InspectionFact, QueenEventFact } from './facts';
import { emergencesOf, type TrackedCell } from './track-cells';

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
}

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
  };
}

const nobodyElse = { removedOn: null, virginEmerged: null, cagedOn: null, released: false, presumedGone: false };

/** The state after something befell the queen. */
export function afterQueenEvent(state: QueenState, { kind, on, queenId }: QueenEventFact): QueenState {
  switch (kind) {
    case 'present':
      return { ...state, ...nobodyElse, expected: 'laying', clipped: keepsClip(state, queenId), queenId };
    case 'virgin-out':
      return { ...state, ...nobodyElse, expected: 'virgin', virginEmerged: onlyOn(on), clipped: false, queenId };
    case 'caged-in':
      return { ...state, ...nobodyElse, expected: 'caged', cagedOn: on, clipped: keepsClip(state, queenId), queenId };
    case 'released':
      return { ...state, released: true };
    case 'marked':
      return state;
    case 'clipped':
      return { ...state, clipped: true, queenId };
    case 'removed':
    case 'lost':
      return { ...state, ...nobodyElse, expected: 'none', removedOn: on, clipped: false, queenId: null };
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
  return { ...state, ...nobodyElse, expected: 'virgin', virginEmerged: notAfter(emerged, on), clipped: false };
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
  if (reading === 'virgin-loose' || reading === 'cast-risk') {
    const vacated = cells.filter(
      ({ planBy, lastSeen }) => lastSeen === on && (planBy.status === 'emerged' || planBy.status === 'destroyed'),
    );
    const emerged = spanOf(emergencesOf(vacated));
    const virginEmerged = emerged ? notAfter(emerged, on) : onlyOn(on);
    return { ...proven, ...nobodyElse, expected: 'virgin', virginEmerged, clipped: false, queenId: null };
  }
  if (eggs === 'seen') {
    return eggsMayBeHers(state, inspection) ? state : { ...proven, ...nobodyElse, expected: 'laying' };
  }
  if (queen === 'seen' && state.expected === 'none') return { ...proven, ...nobodyElse, expected: 'laying' };
  if (reading === 'swarmed') return { ...proven, presumedGone: true, clipped: false };
  return queen === 'seen' ? { ...proven, presumedGone: false } : proven;
}
