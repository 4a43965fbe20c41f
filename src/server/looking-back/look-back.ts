import 'server-only';
import type { Day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import type { Book } from '../../db/open';
import { loadFood } from '../../db/repositories/food';
import { roundsMade } from '../../db/repositories/rounds';
import { type LookingBackView, lookingBackView } from '../../views/looking-back-view';
import { allFacts } from '../all-facts';
import { queenRecords } from '../queens/queen-records';
import { knownThen } from './known-then';

/** What a span came to, of all apiaries or of one. */
export function lookBack(opened: Book, span: DayRange, today: Day, apiaryId: string | null): LookingBackView {
  const { db } = opened;
  const facts = allFacts(opened, today);
  return lookingBackView({
    knownIn: (of) => knownThen(opened, of, today, apiaryId),
    rounds: roundsMade(db).filter((one) => apiaryId === null || one.apiaryId === apiaryId),
    food: loadFood(db),
    queens: queenRecords(db, (colonyId) => facts.get(colonyId)?.inspections ?? []),
    span,
  });
}
