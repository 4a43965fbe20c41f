import 'server-only';
import { addDays, type Day } from '../core/calendar/day';
import { bestDay } from '../core/schedule/check';
import type { Book } from '../db/open';
import type { BookInfo } from '../views/book-info';
import { speakUnits } from '../words/measures';
import { loadApiaries } from './all-apiaries';
import { bookId, bookName } from './book-version';
import { isDemo } from './demo-mode';
import { formerNames } from './former-names';

/** The ruler looks this far back and ahead. */
const RULED = { back: 7, ahead: 56 } as const;

/** What every screen needs of the book. */
export function loadBook(opened: Book, today: Day): Omit<BookInfo, 'isReader'> {
  const { colonies, settings, measured } = loadApiaries(opened, today);
  // All pages stand within what is told here: what they measure is said as the keeper has set it.
  speakUnits(settings.units);
  const due = new Map<Day, number>();
  const shut = new Set<Day>();
  for (const { state } of colonies) {
    for (const check of state.schedule.checks) due.set(bestDay(check), (due.get(bestDay(check)) ?? 0) + 1);
    for (const { from, to } of state.schedule.leaveShut) {
      const [first, last] = [Math.max(from, today - RULED.back), Math.min(to, today + RULED.ahead)];
      for (let day = first as Day; day <= last; day = addDays(day, 1)) shut.add(day);
    }
  }
  return {
    bookId: bookId(opened),
    bookName: bookName(opened),
    isDemo: isDemo(),
    units: settings.units,
    today,
    due: [...due],
    shut: [...shut],
    sky: [...(measured?.weather ?? [])].map(([apiaryId, { days }]) => ({
      apiaryId,
      days: days.filter(({ on }) => on >= today - RULED.back).map(({ on, fit }) => [on, fit] as const),
    })),
    colonies: colonies.map(({ colony: { id, name, apiaryId } }) => ({ id, name, apiaryId })),
    formerNames: formerNames(opened.db).filter((one) =>
      colonies.some(({ colony }) => colony.id === one.id && colony.name !== one.name),
    ),
  };
}
