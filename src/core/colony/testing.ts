import { day, dayOfMinute } from '../calendar/day';
import { type ColonyFacts, type InspectionFact, NO_PROGRAMMES } from './facts';

/** An inspection for tests: every brood frame cleared, eggs and no cells seen, unless said otherwise. */
export function inspection(over: Partial<InspectionFact> & { readonly at: string }): InspectionFact {
  return {
    id: over.at,
    on: dayOfMinute(over.at),
    thoroughness: 'cleared',
    queen: 'not-looked-for',
    eggs: 'seen',
    youngest: null,
    droneBroodInWorkerCells: 'none',
    severalEggsPerCell: 'none',
    stores: 'room',
    layingRoomDays: null,
    broodFrames: null,
    coveredSeams: null,
    drones: 'not-looked-for',
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
