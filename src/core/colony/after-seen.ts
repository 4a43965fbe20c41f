import { EGG_HATCHES, LAST_QUEENABLE_AGE } from '../biology/development';
import { BOUGHT_QUEEN_LAYS_FROM, FIRST_EGGS } from '../biology/mating';
import { addDays, type Day } from '../calendar/day';
import { notAfter, type Window } from '../calendar/window';
import { eggsWindow } from '../queens/virgin-care';
import type { Settings } from '../settings/settings';
import { nobodyElse, noQueen, type QueenState, stillLaying, within, withVirgin } from './queen-state';
import type { Seen } from './seen';

/** What else is known of the colony when something is seen in it. */
export interface SeenAmid {
  /** When the virgins of its cells emerge, or would by the day it lost its queen; null: none is raised. */
  readonly emerging: Window | null;
  /** A live cell was seen or is known. */
  readonly hasCells: boolean;
  /** The last day on which patience lasts with a queen who was hived or bought; null: no such queen is waited for. */
  readonly patientUntil: Day | null;
  readonly settings: Settings;
}

/**
 * The state after something was seen of queen and eggs. What is seen rules queens in or out by what each of those that may be there
 * can have done by then; where none of them can have, a doubt says so and nothing is settled.
 */
export function afterSeen(state: QueenState, seen: Seen, amid: SeenAmid): QueenState {
  if (seen.eggs === 'seen') return afterQueenSeen(afterEggs(state, seen, amid), seen, amid);
  const looked = seen.eggs === 'none' ? afterNoEggs(state, seen, amid) : state;
  return seen.queen === 'seen' ? afterQueenSeen(looked, seen, amid) : looked;
}

/** The oldest of eggs that were seen may have been laid then. */
function oldestEggFrom({ on, youngest }: Seen): Day {
  return addDays(on, youngest === 'eggs-upright' ? -1 : -EGG_HATCHES.value);
}

function afterEggs(state: QueenState, seen: Seen, { emerging }: SeenAmid): QueenState {
  const { id, on, to } = seen;
  const lastProof = { on, by: 'eggs' } as const;
  const laying = (): QueenState => ({ ...state, ...nobodyElse, lastEggsSeen: on, lastProof, expected: 'laying' });
  const waited = (): QueenState => ({ ...laying(), laysSince: { on, id } });
  const mayBeOfBefore = state.lastOwnEggs !== null && oldestEggFrom(seen) <= state.lastOwnEggs;
  // Eggs of the queen of either half are no proof of her in this one, until it is known which it is.
  if (state.eitherHalfSince !== null) return { ...state, lastEggsSeen: on, lastProof };
  switch (state.expected) {
    case 'laying': {
      if (!state.presumedGone) return stillLaying(state, on);
      if (state.swarmedOn !== null && mayBeOfBefore) return state;
      if (canLay(emerging, to)) return waited();
      return state.swarmedOn === null ? laying() : { ...laying(), doubt: { code: 'eggs-unexplained', on, id } };
    }
    case 'none':
      if (mayBeOfBefore) return state;
      if (canLay(emerging, to) || state.removedOn === null) return waited();
      return { ...laying(), doubt: { code: 'eggs-unexplained', on, id } };
    case 'virgin':
      return canLay(state.virginEmerged, to) ? waited() : { ...state, doubt: { code: 'eggs-too-early', on, id } };
    case 'caged': {
      const cagedOn = state.cagedOn ?? on;
      if (to >= addDays(cagedOn, BOUGHT_QUEEN_LAYS_FROM.value)) {
        const doubt = state.doubt?.code === 'old-queen-not-found' ? state.doubt : null;
        return { ...waited(), queenId: state.queenId, clipped: state.clipped, doubt };
      }
      return { ...state, doubt: { code: mayBeOfBefore ? 'eggs-of-before' : 'old-queen-there', on, id } };
    }
  }
}

/** A virgin who emerged at the earliest in the window may have laid by that day. */
function canLay(emerged: Window | null, by: Day): boolean {
  return emerged !== null && by >= addDays(emerged.earliest, FIRST_EGGS.value.early);
}

/** Eggs were looked for in their window and there were none: patience is over, or it has nothing to raise a queen from. */
function afterNoEggs(state: QueenState, seen: Seen, amid: SeenAmid): QueenState {
  const { emerging, hasCells, patientUntil, settings } = amid;
  const { on } = seen;
  if (state.lateButThereOn !== null) return on > state.lateButThereOn ? { ...state, noEggsOn: on } : state;
  // Who is there and seen needs no test comb to show her: she is given some days more.
  const late = (): QueenState =>
    seen.queen === 'seen' ? { ...state, lateButThereOn: on } : { ...state, noEggsOn: on };
  if (patientUntil !== null) return on >= patientUntil ? late() : state;
  const isRaising = state.expected === 'none' || state.presumedGone || state.eitherHalfSince !== null;
  const emerged = state.expected === 'virgin' ? state.virginEmerged : isRaising ? emerging : null;
  if (emerged && on >= eggsWindow(emerged, settings).earliest) return late();
  // No new cell can be started any more, every frame was looked at, and there is none.
  const lost = state.expected === 'none' ? state.removedTo : null;
  const isTooLateForCells = lost !== null && on >= addDays(lost, LAST_QUEENABLE_AGE.value);
  const nothingLeft = isTooLateForCells && seen.isFull && !hasCells && !mayBeOut(emerging, on);
  return nothingLeft && state.withoutSince === null ? { ...state, withoutSince: on } : state;
}

const mayBeOut = (emerging: Window | null, on: Day): boolean => emerging !== null && emerging.earliest <= on;

/** A queen was seen: which of those that may be there was it? */
function afterQueenSeen(state: QueenState, seen: Seen, { emerging }: SeenAmid): QueenState {
  if (seen.queen !== 'seen') return state;
  const { id, on, queenSeenAs, eggs } = seen;
  const proven: QueenState = { ...state, lastProof: { on, by: 'seen' } };
  const known = emerging && mayBeOut(emerging, on) ? notAfter(emerging, on) : null;
  if (queenSeenAs === 'virgin') {
    if (state.expected === 'virgin' || state.eitherHalfSince !== null) return proven;
    return { ...withVirgin(state, known ?? within({ from: on, to: on }), null, id), lastProof: proven.lastProof };
  }
  if (queenSeenAs === 'unmarked') {
    const isExpected = state.expected === 'virgin' || state.expected === 'none' || state.presumedGone;
    if (eggs === 'seen' || state.expected === 'caged' || state.eitherHalfSince !== null) {
      return { ...proven, doubt: isExpected ? state.doubt : { code: 'unmarked-queen', on, id } };
    }
    const young = {
      ...withVirgin(state, known ?? within({ from: on, to: on }), null, id),
      lastProof: proven.lastProof,
    };
    return isExpected ? young : { ...young, doubt: { code: 'unmarked-queen', on, id } };
  }
  if (state.eitherHalfSince !== null) return proven;
  switch (state.expected) {
    case 'laying': {
      // The new one is known by her mark: the old one is gone.
      if (!state.presumedGone) {
        const settled = queenSeenAs === 'as-known' && state.doubt?.code === 'old-queen-not-found';
        return { ...proven, doubt: settled ? null : state.doubt };
      }
      if (known && queenSeenAs !== 'as-known') {
        return { ...withVirgin(state, known, null, id), lastProof: proven.lastProof };
      }
      return { ...proven, presumedGone: false, swarmedOn: null, requeeningId: null };
    }
    case 'none': {
      if (queenSeenAs === 'as-known') {
        return { ...proven, ...nobodyElse, expected: 'laying', doubt: { code: 'another-queen', on, id } };
      }
      if (known) return { ...withVirgin(state, known, null, id), lastProof: proven.lastProof };
      // Not one of its own raising: she was there all along, or came from elsewhere.
      return state.removedOn === null
        ? { ...proven, ...noQueen, expected: 'virgin', virginEmerged: within({ from: on, to: on }), withoutSince: null }
        : { ...proven, ...nobodyElse, expected: 'laying', doubt: { code: 'another-queen', on, id } };
    }
    case 'caged':
      return { ...proven, released: true };
    case 'virgin':
      return proven;
  }
}
