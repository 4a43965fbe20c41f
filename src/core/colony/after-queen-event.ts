import { emergesAfter } from '../biology/emerges-after';
import { EMERGE_AFTER_CAST, FIRST_EGGS } from '../biology/mating';
import { addDays, type Day } from '../calendar/day';
import { notAfter, type Window } from '../calendar/window';
import {
  isClipped,
  isTakenToLay,
  isWithoutQueen,
  lossOf,
  programmeOf,
  queenIdIn,
  whoIsThere,
} from '../queens/queen-questions';
import { anew, LAYING, type QueenState, raisingSince, type Virgin, within, withVirgin } from '../queens/queen-state';
import { afterQueenSeen } from './after-seen';
import { daysOf, type QueenEventFact, type QueenEventKind } from './facts';
import type { QueenDoubt } from './queen-doubt';

type Transition = (state: QueenState, event: QueenEventFact, emerging: Window | null) => QueenState;

/** One pure transition for each kind of event. */
const AFTER: { readonly [K in QueenEventKind]: Transition } = {
  present: (state, { queenId }) => ({ ...anew(state), ...LAYING, clipped: keepsClip(state, queenId), queenId }),
  'virgin-out': withOwnVirgin,
  'virgin-in': withOwnVirgin,
  'virgin-caged-in': withOwnVirgin,
  'virgin-taken': (state, event, emerging) => {
    // Her cells are known; without one left the colony has nothing.
    const who = whoIsThere(state);
    return who && isTakenToLay(who) ? state : withoutHer(state, event, emerging);
  },
  'caged-in': (state, { id, on, queenId }) => ({
    ...anew(state),
    is: 'caged',
    cagedOn: on,
    released: false,
    clipped: keepsClip(state, queenId),
    queenId,
    requeeningId: id,
    programme: null,
    lastOwnEggs: lossOf(state),
    doubt: oldQueenDoubt(state, id, on),
  }),
  released: (state) => withHer(state, { released: true }),
  // Who was not known by name before is so now.
  marked: (state, event, emerging) => {
    const seen = inTheHand(state, event, emerging);
    return queenIdIn(seen) === null ? withHer(seen, { queenId: event.queenId }) : seen;
  },
  // Nobody clips one who has not flown: where none was known she lays, or will at once.
  clipped: (state, event, emerging) => {
    const { on, queenId } = event;
    if (!isWithoutQueen(state)) return withHer(inTheHand(state, event, emerging), { clipped: true, queenId });
    return { ...anew(state), ...LAYING, lastProof: { on, by: 'seen' }, clipped: true, queenId };
  },
  removed: gone,
  lost: gone,
  swarmed: (state, event) => {
    const days = daysOf(event);
    const { id } = event;
    return {
      ...anew(state),
      is: 'going',
      swarmedOn: days,
      queenId: null,
      requeeningId: id,
      programme: null,
      lastOwnEggs: days.to,
    };
  },
  'cast-left': (state, event, emerging) =>
    withVirgin(state, emerging ?? emergesAfter(daysOf(event), EMERGE_AFTER_CAST), null, event.id),
};

/**
 * The state after something happened to the queen.
 *
 * @param emerging when the virgins of the colony's own cells emerge; null: none are known
 */
export const afterQueenEvent = (state: QueenState, event: QueenEventFact, emerging: Window | null = null): QueenState =>
  AFTER[event.kind](state, event, emerging);

function withOwnVirgin(state: QueenState, event: QueenEventFact): QueenState {
  const { id, queenId, emerged } = event;
  const days = daysOf(event);
  const virgin = emerged ? notAfter(within(emerged), days.to) : within(days);
  return { ...withVirgin(state, virgin, queenId, id), requeeningId: id, programme: null };
}

/** Who is marked or clipped was seen, whoever she is; one in a cage may have been marked in it. */
const inTheHand = (state: QueenState, { id, on }: QueenEventFact, emerging: Window | null): QueenState =>
  whoIsThere(state)?.is === 'caged'
    ? state
    : afterQueenSeen(state, { id, on, queenSeenAs: 'not-said', eggs: 'not-looked-for' }, { emerging });

/** She was taken away, or is dead or gone. */
function gone(state: QueenState, event: QueenEventFact, emerging: Window | null): QueenState {
  const { id, on, queenId } = event;
  const days = daysOf(event);
  const who = whoIsThere(state);
  // She was the virgin: there are no eggs of hers yet, and it raises another from its cells alone.
  if (who?.is === 'virgin' && state.doubt === null && !mayHaveLaid(who, on)) return withoutHer(state, event, emerging);
  // The old queen was found after all, while the bought one is in there.
  if (isOldQueenFound(state, queenId)) return { ...state, doubt: null, lastOwnEggs: days.to };
  return raisingSince(state, days, { requeeningId: id, programme: null });
}

const mayHaveLaid = ({ emerged }: Virgin, on: Day): boolean => on >= addDays(emerged.earliest, FIRST_EGGS.value.early);

/** A virgin is gone: another comes of the cells that are left, or there is nothing to raise one from. */
function withoutHer(state: QueenState, { id, on }: QueenEventFact, emerging: Window | null): QueenState {
  const waiting = { ...anew(state), lost: null, requeeningId: id, programme: programmeOf(state) };
  return emerging && emerging.latest > on
    ? { ...waiting, is: 'raising', swarmedOn: null }
    : { ...waiting, is: 'without', since: on };
}

/** The queen that is in there, or in one half of it, with something of her changed. */
function withHer(
  state: QueenState,
  change: { readonly queenId?: string; readonly clipped?: boolean; readonly released?: boolean },
): QueenState {
  const { released = false, ...named } = change;
  switch (state.is) {
    case 'either-half': {
      // In one half of it alone, and which is not known.
      const { of } = state;
      if (of.is === 'caged') return { ...state, of: { ...of, ...named, released: released || of.released } };
      return { ...state, of: of.is === 'not-known' ? { ...LAYING, ...named } : { ...of, ...named } };
    }
    case 'caged':
      return { ...state, ...named, released: released || state.released };
    case 'not-known':
      return released ? state : { ...state, ...LAYING, ...named };
    case 'laying':
    case 'virgin':
      return { ...state, ...named };
    default:
      return state;
  }
}

const keepsClip = (state: QueenState, queenId: string): boolean => queenIdIn(state) === queenId && isClipped(state);

/** A bought queen was given to a colony whose own queen nobody has taken out. */
export function oldQueenDoubt(state: QueenState, id: string, on: Day): QueenDoubt | null {
  const who = whoIsThere(state);
  const isKnownGone = isWithoutQueen(state) || who?.is === 'virgin' || who?.is === 'caged';
  return isKnownGone ? null : { code: 'old-queen-not-found', on, id };
}

function isOldQueenFound(state: QueenState, foundId: string): boolean {
  const { doubt } = state;
  const isOld = doubt?.code === 'old-queen-not-found' || doubt?.code === 'old-queen-there';
  const who = whoIsThere(state);
  const isThere = who?.is === 'caged' || (who !== null && isTakenToLay(who));
  return isOld && isThere && foundId !== queenIdIn(state);
}
