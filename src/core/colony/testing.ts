import { day, dayOfMinute } from '../calendar/day';
import { type ColonyFacts, type InspectionFact, NO_PROGRAMMES, type QueenEventFact } from './facts';
import {
  arrivedOn,
  cagedOn,
  expectedIn,
  isClipped,
  lateButThereOn,
  laysSinceOf,
  lostIn,
  noEggsOn,
  programmeOf,
  queenIdIn,
  requeeningIdOf,
  swarmedIn,
  whoIsThere,
} from './queen-questions';
import type { QueenState } from './queen-state';

/** An inspection for tests: every brood frame cleared, eggs and no cells seen, unless said otherwise. */
export function inspection(over: Partial<InspectionFact> & { readonly at: string }): InspectionFact {
  return {
    id: over.at,
    on: dayOfMinute(over.at),
    to: null,
    thoroughness: 'cleared',
    queen: 'not-looked-for',
    queenSeenAs: 'not-said',
    queenHandled: 'left',
    piping: 'not-listened',
    isByHelper: false,
    eggs: 'seen',
    youngest: null,
    droneBroodInWorkerCells: 'none',
    severalEggsPerCell: 'none',
    stores: 'room',
    layingRoomDays: null,
    broodFrames: null,
    coveredSeams: null,
    drones: 'not-looked-for',
    temper: 'not-noted',
    food: 'not-looked-for',
    note: '',
    cells: [],
    ...over,
  };
}

/** A colony for tests: there since April 2027, nothing entered. */
export function aColony(over: Partial<ColonyFacts> = {}): ColonyFacts {
  return {
    ...NO_PROGRAMMES,
    startedOn: day('2027-04-01'),
    endedOn: null,
    origin: 'established',
    cells: [],
    inspections: [],
    queenEvents: [],
    ...over,
  };
}

/** Something that happened to a queen, for tests: on one certain day, without a minute, unless said otherwise. */
export function queenEvent(over: Partial<QueenEventFact> & Pick<QueenEventFact, 'kind' | 'on'>): QueenEventFact {
  return { id: `${over.kind}${over.on}`, queenId: 'q', at: null, to: null, emerged: null, ...over };
}

/** A queen's state in one line of days and names, whoever is in there; for texts that hold many of them. */
export function queenInShort(queen: QueenState) {
  const lost = lostIn(queen);
  const who = whoIsThere(queen);
  return {
    expected: expectedIn(queen),
    isGone: queen.is === 'going',
    removedOn: lost?.from ?? null,
    removedTo: lost?.to ?? null,
    swarmedOn: swarmedIn(queen),
    lastOwnEggs: queen.lastOwnEggs,
    virginEmerged: who?.is === 'virgin' ? who.emerged : null,
    cagedOn: cagedOn(queen),
    isReleased: who?.is === 'caged' && who.released,
    isClipped: isClipped(queen),
    queenId: queenIdIn(queen),
    lastProof: queen.lastProof,
    lastEggsSeen: queen.lastEggsSeen,
    requeeningId: requeeningIdOf(queen),
    programme: programmeOf(queen),
    eitherHalfSince: queen.is === 'either-half' ? queen.since : null,
    withoutSince: queen.is === 'without' ? queen.since : null,
    noEggsOn: noEggsOn(queen),
    lateButThereOn: lateButThereOn(queen),
    arrivedOn: arrivedOn(queen),
    laysSince: laysSinceOf(queen),
    doubt: queen.doubt,
  };
}
