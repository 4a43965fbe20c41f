import { dayOfMinute } from '../calendar/day';
import type { InspectionFact } from './facts';

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
    note: '',
    cells: [],
    ...over,
  };
}
