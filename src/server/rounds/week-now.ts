import 'server-only';
import type { Now } from '../../core/calendar/now';
import { sameValue } from '../../core/facts/same-value';
import type { Book } from '../../db/open';
import { loadRoundWishes } from '../../db/repositories/rounds';
import type { AllApiaries } from '../../views/all-apiaries';
import { type WeekView, weekView } from '../../views/week-view';
import { kitNow } from '../kit/kit-now';
import { stockNow } from '../kit/stock-now';
import { type FortnightNow, movedSince, seenIn } from './fortnight-now';

/** The week as it is planned, for its page. */
export function weekNow(opened: Book, all: AllApiaries, now: Now, planned: FortnightNow, days: number): WeekView {
  const { seen, moved } = movedSince(opened, planned, now);
  // Where nothing was ever counted nobody asks what is short.
  const isCounted = stockNow(opened, all, now.today).entries.length > 0;
  const met = isCounted ? kitNow(opened, all, now.today, planned).met : [];
  return weekView(all, now.today, {
    ...planned,
    moved,
    isNew: seen === null || !sameValue(seen.visits, seenIn(planned)),
    leftOut: loadRoundWishes(opened.db).flatMap((wish) =>
      wish.kind === 'left-out' ? [{ wishId: wish.id, colonyId: wish.colonyId, key: wish.key }] : [],
    ),
    kit: met,
    days,
  });
}
