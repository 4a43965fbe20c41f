import { EGG_HATCHES, LAST_QUEENABLE_AGE } from '../biology/development';
import { BOUGHT_QUEEN_LAYS_FROM, FIRST_EGGS } from '../biology/mating';
import { addDays, type Day } from '../calendar/day';
import { notAfter, type Window } from '../calendar/window';
import { lateButThereOn, noEggsOn, raises, whoIsThere } from '../queens/queen-questions';
import { anew, LAYING, type QueenState, stillKnown, stillLaying, within, withVirgin } from '../queens/queen-state';
import { eggsWindow } from '../queens/virgin-care';
import type { Settings } from '../settings/settings';
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
  const looked =
    seen.eggs === 'seen' ? afterEggs(state, seen, amid) : seen.eggs === 'none' ? afterNoEggs(state, seen, amid) : state;
  return seen.queen === 'seen' ? afterQueenSeen(looked, seen, amid) : looked;
}

/** The oldest of eggs that were seen may have been laid then. */
function oldestEggFrom({ on, youngest }: Seen): Day {
  return addDays(on, youngest === 'eggs-upright' ? -1 : -EGG_HATCHES.value);
}

function afterEggs(state: QueenState, seen: Seen, { emerging }: SeenAmid): QueenState {
  const { id, on, to } = seen;
  const known = { ...anew(state), lastEggsSeen: on, lastProof: { on, by: 'eggs' } } as const;
  /** The queen who was waited for lays. */
  const waited = { ...known, ...LAYING, laysSince: { on, id } };
  const unexplained = { ...known, ...LAYING, doubt: { code: 'eggs-unexplained', on, id } } as const;
  const mayBeOfBefore = state.lastOwnEggs !== null && oldestEggFrom(seen) <= state.lastOwnEggs;
  switch (state.is) {
    // Eggs of the queen of either half are no proof of her in this one, until it is known which it is.
    case 'either-half':
      return { ...state, lastEggsSeen: on, lastProof: known.lastProof };
    case 'not-known':
    case 'laying':
      return stillLaying(state, on);
    case 'going':
      if (state.swarmedOn !== null && mayBeOfBefore) return state;
      // She was only taken to have gone, where she bears the mark that is known.
      if (canLay(emerging, to) && !(state.swarmedOn === null && isKnownByMark(seen))) return waited;
      return state.swarmedOn === null ? { ...known, ...LAYING, queenId: state.queenId } : unexplained;
    case 'raising':
    case 'without':
      if (mayBeOfBefore) return state;
      return canLay(emerging, to) || state.lost === null ? waited : unexplained;
    case 'virgin':
      return canLay(state.emerged, to)
        ? { ...waited, queenId: state.queenId, clipped: state.clipped }
        : { ...state, doubt: { code: 'eggs-too-early', on, id } };
    case 'caged': {
      if (to >= addDays(state.cagedOn, BOUGHT_QUEEN_LAYS_FROM.value)) {
        const doubt = state.doubt?.code === 'old-queen-not-found' ? state.doubt : null;
        return { ...waited, queenId: state.queenId, clipped: state.clipped, doubt };
      }
      return { ...state, doubt: { code: mayBeOfBefore ? 'eggs-of-before' : 'old-queen-there', on, id } };
    }
  }
}

const isKnownByMark = ({ queen, queenSeenAs }: Seen): boolean => queen === 'seen' && queenSeenAs === 'as-known';

/** A virgin who emerged at the earliest in the window may have laid by that day. */
function canLay(emerged: Window | null, by: Day): boolean {
  return emerged !== null && by >= addDays(emerged.earliest, FIRST_EGGS.value.early);
}

/** Eggs were looked for in their window and there were none: patience is over, or it has nothing to raise a queen from. */
function afterNoEggs(state: QueenState, seen: Seen, amid: SeenAmid): QueenState {
  const { hasCells, patientUntil, settings, emerging } = amid;
  const { on } = seen;
  const shownOn = lateButThereOn(state);
  if (shownOn !== null) {
    return on > shownOn ? { ...state, overdue: { is: 'late-but-there', on: shownOn, noEggsOn: on } } : state;
  }
  // Who is there and seen needs no test comb to show her: she is given some days more.
  const late = (): QueenState => ({
    ...state,
    overdue: seen.queen === 'seen' ? { is: 'late-but-there', on, noEggsOn: noEggsOn(state) } : { is: 'no-eggs', on },
  });
  if (patientUntil !== null) return on >= patientUntil ? late() : state;
  const emerged = waitedFor(state, emerging);
  if (emerged && on >= eggsWindow(emerged, settings).earliest) return late();
  if (state.is !== 'raising') return state;
  // No new cell can be started any more, every frame was looked at, and there is none.
  const isTooLateForCells = state.lost !== null && on >= addDays(state.lost.to, LAST_QUEENABLE_AGE.value);
  const nothingLeft = isTooLateForCells && seen.isFull && !hasCells && !mayBeOut(emerging, on);
  return nothingLeft ? withNothingLeft(state, on) : state;
}

/** It raises no queen after all, as was found on a day. */
export const withNothingLeft = (state: Extract<QueenState, { is: 'raising' }>, on: Day): QueenState => ({
  ...stillKnown(state),
  is: 'without',
  since: on,
  lost: state.lost,
  requeeningId: state.requeeningId,
  programme: state.programme,
});

/** When the virgin emerged whose eggs are waited for; null: none is. */
function waitedFor(state: QueenState, emerging: Window | null): Window | null {
  const who = whoIsThere(state);
  if (who?.is === 'virgin') return who.emerged;
  return raises(state) || state.is === 'without' || state.is === 'either-half' ? emerging : null;
}

const mayBeOut = (emerging: Window | null, on: Day): boolean => emerging !== null && emerging.earliest <= on;

type QueenSeen = Pick<Seen, 'id' | 'on' | 'queenSeenAs' | 'eggs'>;

/** A queen was seen: which of those that may be there was it? */
export function afterQueenSeen(
  state: QueenState,
  seen: QueenSeen,
  { emerging }: Pick<SeenAmid, 'emerging'>,
): QueenState {
  const { id, on, queenSeenAs, eggs } = seen;
  const lastProof = { on, by: 'seen' } as const;
  const proven: QueenState = { ...state, lastProof };
  if (state.is === 'either-half') {
    // A mark that she does not bear is in doubt all the same.
    const isOfVirgin = queenSeenAs === 'unmarked' && state.of.is !== 'virgin';
    return isOfVirgin ? { ...proven, doubt: { code: 'unmarked-queen', on, id } } : proven;
  }
  const known = emerging && mayBeOut(emerging, on) ? notAfter(emerging, on) : null;
  const asVirgin = (emerged: Window): QueenState => ({ ...withVirgin(state, emerged, null, id), lastProof });
  const today = within({ from: on, to: on });
  if (queenSeenAs === 'virgin') return state.is === 'virgin' ? proven : asVirgin(known ?? today);
  if (queenSeenAs === 'unmarked') {
    const isExpected = state.is === 'virgin' || !whoIsThere(state);
    const doubt = isExpected ? null : ({ code: 'unmarked-queen', on, id } as const);
    if (eggs === 'seen' || state.is === 'caged') return { ...proven, doubt: doubt ?? state.doubt };
    return { ...asVirgin(known ?? today), doubt };
  }
  const another = { ...anew(state), lastProof, ...LAYING, doubt: { code: 'another-queen', on, id } } as const;
  switch (state.is) {
    case 'not-known':
    case 'laying': {
      // The new one is known by her mark: the old one is gone.
      const settled = queenSeenAs === 'as-known' && state.doubt?.code === 'old-queen-not-found';
      return { ...LAYING, ...state, is: 'laying', lastProof, doubt: settled ? null : state.doubt };
    }
    case 'going':
      if (known && queenSeenAs !== 'as-known') return asVirgin(known);
      return { ...stillKnown(state), ...LAYING, queenId: state.queenId, lastProof };
    case 'raising':
    case 'without':
      if (queenSeenAs === 'as-known') return another;
      if (known) return asVirgin(known);
      // Not one of its own raising: she was there all along, or came from elsewhere.
      return state.lost === null ? { ...asVirgin(today), overdue: state.overdue, doubt: state.doubt } : another;
    case 'caged':
      return { ...state, lastProof, released: true };
    case 'virgin':
      return proven;
  }
}
