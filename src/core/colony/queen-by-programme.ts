import type { Day } from '../calendar/day';
import { methodNamed } from '../methods/methods';
import type { ProgrammePart } from '../programmes/facts';
import { emergenceRaised } from '../queens/virgin-care';
import { daysOf } from './facts';
import {
  isWithoutQueen,
  lossOf,
  nobodyElse,
  noQueen,
  oldQueenDoubt,
  type QueenProgramme,
  type QueenState,
} from './queen-state';

/** The state after a programme began on the colony. */
export function afterProgrammeStart(state: QueenState, part: ProgrammePart): QueenState {
  const { programme, queen, units, queenClipped, before } = part;
  const { id, on } = programme;
  const days = daysOf(programme);
  const { raisesQueen } = methodNamed(programme.method);
  const raising: QueenProgramme = {
    id,
    unit: raisesQueen?.unit ?? (units[0] as string),
    isThinned: (raisesQueen?.thinned ?? false) && programme.secondThinning,
    isMoved: raisesQueen?.isMoved ?? false,
    buysQueen: programme.buysQueen,
  };
  const fresh = { ...state, ...nobodyElse };
  switch (queen) {
    case 'laying':
      return { ...fresh, expected: 'laying', clipped: queenClipped, queenId: programme.queenId };
    case 'taken':
      return {
        ...fresh,
        ...noQueen,
        removedOn: days.from,
        removedTo: days.to,
        lastOwnEggs: days.to,
        requeeningId: id,
        programme: raising,
      };
    case 'gone':
      return {
        ...fresh,
        ...noQueen,
        presumedGone: true,
        swarmedOn: state.swarmedOn,
        lastOwnEggs: lossOf(state),
        requeeningId: id,
        programme: raising,
      };
    case 'caged':
      return {
        ...fresh,
        expected: 'caged',
        clipped: false,
        queenId: programme.queenId,
        cagedOn: on,
        lastOwnEggs: lossOf(state),
        requeeningId: id,
        programme: raising,
        doubt: oldQueenDoubt(state, id, on),
      };
    case 'either': {
      const divided = before ? asPartOf(before) : state;
      // Neither part is hers: both wait for what was waited for.
      if (isWithoutQueen(divided)) return carriedOn(divided, on, raising);
      return { ...divided, eitherHalfSince: divided.eitherHalfSince ?? on, requeeningId: id, programme: raising };
    }
    case 'ends':
    case 'unchanged':
      return state;
  }
}

/** It had no queen before it was divided: what it waited for goes on, or, where that was the cells broken down for it, is over. */
function carriedOn(divided: QueenState, on: Day, raising: QueenProgramme): QueenState {
  const waiting = { ...divided, requeeningId: divided.requeeningId ?? raising.id, programme: raising };
  const hungOnCells = divided.withoutSince === null && emergenceRaised(divided) === null;
  return hungOnCells ? { ...waiting, ...noQueen, withoutSince: on } : waiting;
}

/** As the colony stood that it was divided from; what was seen of her in there was not seen in here. */
const asPartOf = (before: QueenState): QueenState => ({
  ...before,
  clipped: false,
  queenId: null,
  lastProof: null,
  lastEggsSeen: null,
  arrivedOn: null,
  laysSince: null,
  doubt: null,
});

/** The state once it is known which half of a split this colony is. */
export function afterHalfKnown(state: QueenState, { programme, half, queenClipped }: ProgrammePart): QueenState {
  if (!half) return state;
  const { id, queenId } = programme;
  const days = daysOf(programme);
  const fresh = { ...state, ...nobodyElse };
  const raising: QueenProgramme = state.programme ?? {
    id,
    unit: methodNamed(programme.method).raisesQueen?.unit ?? 'queenless-half',
    isThinned: programme.secondThinning,
    isMoved: false,
    buysQueen: programme.buysQueen,
  };
  const requeeningId = state.requeeningId ?? id;
  switch (half.is) {
    case 'queen':
      return {
        ...fresh,
        expected: 'laying',
        clipped: queenClipped || state.clipped,
        queenId: state.queenId ?? queenId,
        // What told may have been in the other half, or a word: then nobody has seen her here.
        lastEggsSeen: half.by === 'eggs' ? half.on : state.lastEggsSeen,
        lastProof: half.by === 'seen' || half.by === 'eggs' ? { on: half.on, by: half.by } : state.lastProof,
      };
    case 'queenless':
      return {
        ...fresh,
        ...noQueen,
        removedOn: days.from,
        removedTo: days.to,
        lastOwnEggs: days.to,
        requeeningId,
        programme: raising,
      };
    case 'failed':
      return { ...fresh, ...noQueen, withoutSince: half.on, lastOwnEggs: days.to, requeeningId, programme: raising };
    case 'settled':
      return {
        ...fresh,
        expected: 'laying',
        queenId: null,
        clipped: false,
        lastEggsSeen: half.on,
        lastProof: { on: half.on, by: 'eggs' },
        laysSince: { on: half.on, id },
      };
  }
}
