import type { Day } from '../calendar/day';
import { methodNamed } from '../methods/methods';
import type { ProgrammePart } from '../programmes/facts';
import {
  isClipped,
  isWithoutQueen,
  lossOf,
  programmeOf,
  queenIdIn,
  requeeningIdOf,
  swarmedIn,
} from '../queens/queen-questions';
import {
  anew,
  type EitherHalf,
  LAYING,
  type QueenProgramme,
  type QueenState,
  raisingSince,
  stillKnown,
} from '../queens/queen-state';
import { emergenceRaised } from '../queens/virgin-care';
import { oldQueenDoubt } from './after-queen-event';
import { daysOf } from './facts';

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
  const waiting = { ...anew(state), requeeningId: id, programme: raising };
  switch (queen) {
    case 'laying':
      return { ...anew(state), ...LAYING, clipped: queenClipped, queenId: programme.queenId };
    case 'taken':
      return raisingSince(state, days, { requeeningId: id, programme: raising });
    case 'gone':
      return { ...waiting, is: 'raising', lost: null, swarmedOn: swarmedIn(state), lastOwnEggs: lossOf(state) };
    case 'caged':
      return {
        ...waiting,
        is: 'caged',
        clipped: false,
        queenId: programme.queenId,
        cagedOn: on,
        released: false,
        lastOwnEggs: lossOf(state),
        doubt: oldQueenDoubt(state, id, on),
      };
    case 'either': {
      const divided = before ? asPartOf(before) : state;
      // Neither part is hers: both wait for what was waited for.
      if (isWithoutQueen(divided)) return carriedOn(divided, on, raising);
      if (divided.is === 'either-half') return { ...divided, requeeningId: id, programme: raising };
      const { lastProof, lastEggsSeen, lastOwnEggs, overdue, doubt, ...of } = divided;
      const known = { lastProof, lastEggsSeen, lastOwnEggs, overdue, doubt };
      return { ...known, is: 'either-half', since: on, of, requeeningId: id, programme: raising };
    }
    case 'ends':
    case 'unchanged':
      return state;
  }
}

/** It had no queen before it was divided: what it waited for goes on, or, where that was the cells broken down for it, is over. */
function carriedOn(
  divided: Extract<QueenState, { is: 'going' | 'raising' | 'without' }>,
  on: Day,
  raising: QueenProgramme,
): QueenState {
  const { requeeningId } = divided;
  const hungOnCells = divided.is !== 'without' && emergenceRaised(divided) === null;
  return hungOnCells
    ? { ...stillKnown(divided), is: 'without', since: on, lost: null, requeeningId, programme: raising }
    : { ...divided, programme: raising };
}

/** As the colony stood that it was divided from; what was seen of her in there was not seen in here. */
function asPartOf(before: QueenState): QueenState {
  const known = { ...before, lastProof: null, lastEggsSeen: null, doubt: null };
  switch (known.is) {
    case 'laying':
      return { ...known, ...LAYING };
    case 'virgin':
    case 'caged':
      return { ...known, queenId: null, clipped: false };
    case 'either-half':
      return { ...known, of: unnamed(known.of) };
    case 'going':
      return { ...known, queenId: null };
    default:
      return known;
  }
}

function unnamed(who: EitherHalf['of']): EitherHalf['of'] {
  if (who.is === 'not-known') return who;
  return who.is === 'laying' ? LAYING : { ...who, queenId: null, clipped: false };
}

/** The state once it is known which half of a split this colony is. */
export function afterHalfKnown(state: QueenState, { programme, half, queenClipped }: ProgrammePart): QueenState {
  if (!half) return state;
  const { id, queenId } = programme;
  const days = daysOf(programme);
  const raising: QueenProgramme = programmeOf(state) ?? {
    id,
    unit: methodNamed(programme.method).raisesQueen?.unit ?? 'queenless-half',
    isThinned: programme.secondThinning,
    isMoved: false,
    buysQueen: programme.buysQueen,
  };
  const waiting = { requeeningId: requeeningIdOf(state) ?? id, programme: raising };
  switch (half.is) {
    case 'queen':
      return {
        ...anew(state),
        ...LAYING,
        clipped: queenClipped || isClipped(state),
        queenId: queenIdIn(state) ?? queenId,
        // What told may have been in the other half, or a word: then nobody has seen her here.
        lastEggsSeen: half.by === 'eggs' ? half.on : state.lastEggsSeen,
        lastProof: half.by === 'seen' || half.by === 'eggs' ? { on: half.on, by: half.by } : state.lastProof,
      };
    case 'queenless':
      return raisingSince(state, days, waiting);
    case 'failed':
      return { ...anew(state), lastOwnEggs: days.to, is: 'without', since: half.on, lost: null, ...waiting };
    case 'settled':
      return {
        ...anew(state),
        ...LAYING,
        lastEggsSeen: half.on,
        lastProof: { on: half.on, by: 'eggs' },
        laysSince: { on: half.on, id },
      };
  }
}
