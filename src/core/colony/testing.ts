import { day, dayOfMinute } from '../calendar/day';
import { type ColonyFacts, type InspectionFact, NO_PROGRAMMES, type QueenEventFact } from './facts';

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
