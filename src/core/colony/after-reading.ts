import { notAfter, type Window } from '../calendar/window';
import { isTakenToLay, raises } from '../queens/queen-questions';
import { onlyOn, type QueenState, stillKnown, withVirgin } from '../queens/queen-state';
import { withNothingLeft } from './after-seen';
import type { InspectionFact } from './facts';
import type { InspectionRead } from './inspection-known';
import type { Seen } from './seen';
import { emergenceOf, type TrackedCell } from './track-cells';

/**
 * The state before something seen is read: a virgin may have emerged meanwhile. That is expected of a colony without its queen when
 * no live cell is left in it and the first of its virgins could be out by then.
 *
 * @param knownBefore the live cells that were known
 * @param liveNow how many are left
 * @param emerging when the virgins emerge that it raises, where no cell of it is known
 * @param isAllTaken every cell that it had was seen closed or open, and broken down by the keeper at this look: nobody came out of them
 */
export function beforeSeen(
  state: QueenState,
  { id, on, eggs, queen, queenSeenAs, isFull }: Seen,
  knownBefore: readonly TrackedCell[],
  liveNow: number,
  emerging: Window | null,
  isAllTaken = false,
): QueenState {
  // A virgin was seen: the rest is read in the light of it.
  const isYoung = queen === 'seen' && eggs !== 'seen' && queenSeenAs === 'virgin';
  if (isYoung && state.is !== 'virgin' && state.is !== 'either-half') {
    const known = emerging && emerging.earliest <= on ? notAfter(emerging, on) : onlyOn(on);
    return withVirgin(state, known, null, id);
  }
  if (!raises(state) || liveNow > 0 || eggs === 'seen') return state;
  if (isAllTaken) return state.is === 'raising' ? withNothingLeft(state, on) : state;
  const emerged = emergenceOf(knownBefore) ?? emerging;
  if (!emerged || emerged.earliest > on) return state;
  // Every frame was looked at and no cell is left: the last is out as well.
  const isSearched = knownBefore.length > 0 || isFull;
  return withVirgin(state, isSearched ? notAfter(emerged, on) : emerged, null, id);
}

/** The state after an inspection was read, beyond what was seen of queen and eggs: by the cells as they were found. */
export function afterReading(
  state: QueenState,
  { id, on }: InspectionFact,
  { reading }: InspectionRead,
  cells: readonly TrackedCell[],
): QueenState {
  // Which half it is comes first.
  if (state.is === 'either-half') return state;
  switch (reading.reading) {
    case 'virgin-loose':
    case 'cast-risk': {
      const below = cells.filter(({ cell }) => cell.part !== 'above');
      const vacated = below.filter(
        ({ planBy, lastSeen }) => lastSeen === on && (planBy.status === 'emerged' || planBy.status === 'destroyed'),
      );
      // One known of already is not emerged anew for being heard or seen.
      const emerged = emergenceOf(vacated) ?? (state.is === 'virgin' ? state.emerged : null);
      const virgin = emerged ? notAfter(emerged, on) : onlyOn(on);
      return { ...withVirgin(state, virgin, null, id), lastOwnEggs: state.lastOwnEggs ?? state.lastEggsSeen };
    }
    case 'raising-queen':
      // A nuc or a swarm in which she has not been seen to lay: it has lost her, and did not swarm.
      return state.is === 'laying' && state.arrivedOn !== null ? asGone({ ...state, overdue: null }, id) : state;
    case 'swarmed':
      return isTakenToLay(state) ? asGone(state, id) : state;
    default:
      return state;
  }
}

/** She who was taken to lay is taken to have left, by what a fact says or by what time alone tells. */
export const asGone = (state: Extract<QueenState, { is: 'not-known' | 'laying' }>, id: string): QueenState => ({
  ...stillKnown(state),
  is: 'going',
  swarmedOn: null,
  queenId: state.is === 'laying' ? state.queenId : null,
  requeeningId: id,
  programme: null,
});
