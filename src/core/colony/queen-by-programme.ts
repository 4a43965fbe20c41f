import { methodNamed } from '../methods/methods';
import type { ProgrammePart } from '../programmes/facts';
import { daysOf } from './facts';
import { lossOf, nobodyElse, noQueen, oldQueenDoubt, type QueenProgramme, type QueenState } from './queen-state';

/** The state after a programme began on the colony. */
export function afterProgrammeStart(state: QueenState, part: ProgrammePart): QueenState {
  const { programme, queen, units, queenClipped } = part;
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
    case 'either':
      return { ...state, eitherHalfSince: on, requeeningId: id, programme: raising };
    case 'ends':
    case 'unchanged':
      return state;
  }
}

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
        lastEggsSeen: half.by === 'eggs' ? half.on : state.lastEggsSeen,
        lastProof: { on: half.on, by: half.by === 'seen' ? 'seen' : 'eggs' },
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
