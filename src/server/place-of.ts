import 'server-only';
import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { Book } from '../db/open';
import { loadApiaries } from './all-apiaries';
import { type PlaceMeasured, placeBy } from './place-by';

/** What the place where a colony of the book stands has to say. */
export const placeMeasured = (
  opened: Book,
  { apiaryId }: { readonly apiaryId: string },
  entered: DayRange | null,
  today: Day,
): PlaceMeasured => placeBy(loadApiaries(opened, today), apiaryId, entered, today);
