import 'server-only';
import type { Day } from '../../core/calendar/day';
import { type SignSeen, signsSeen } from '../../core/looking-back/seen-years';
import { scaleOf } from '../../core/scale/scale-of';
import { visitsAt } from '../../core/scale/visits-at';
import { yearAt } from '../../core/settings/settings';
import type { Book } from '../../db/open';
import { roundsMade } from '../../db/repositories/rounds';
import { onScales, storedReadings } from '../../db/repositories/scale';
import { loadSettings } from '../../db/repositories/settings';
import { colonies } from '../../db/schema/tables';
import type { ApiaryEntry } from '../../views/all-apiaries';
import { allFacts } from '../all-facts';
import { visitsNoted } from '../scale/colony-scale';
import { workedOut } from '../worked-out';

const FROM_THE_FIRST = '0000-01-01';

/** The signs of the year at an apiary over all years of the book, of colonies that are no more too. */
export function apiarySigns(opened: Book, apiary: ApiaryEntry, today: Day): readonly SignSeen[] {
  const { db } = opened;
  const facts = allFacts(opened, today);
  const here = db
    .select({ id: colonies.id, apiaryId: colonies.apiaryId })
    .from(colonies)
    .all()
    .filter(({ apiaryId }) => apiaryId === apiary.id)
    .flatMap(({ id }) => {
      const own = facts.get(id);
      return own ? [{ id, own }] : [];
    });
  const scales = onScales(db);
  const rounds = roundsMade(db);
  const flows = here
    .filter(({ id }) => scales.has(id))
    .flatMap(({ id, own }) => {
      const readings = storedReadings(db, id, FROM_THE_FIRST);
      if (readings.length === 0) return [];
      return workedOut(() => scaleOf(readings, visitsAt(visitsNoted(own, id, rounds)), today).flow, []);
    });
  return signsSeen({ facts: here.map(({ own }) => own), flows }, yearAt(apiary, loadSettings(db)), today);
}
