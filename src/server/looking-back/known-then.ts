import 'server-only';
import { isNull } from 'drizzle-orm';
import { byName } from '../../core/by-name';
import { type Day, day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import { knownSince } from '../../core/colony/known-since';
import type { Book } from '../../db/open';
import { loadSettings } from '../../db/repositories/settings';
import { apiaries, colonies } from '../../db/schema/tables';
import type { KnownThen } from '../../views/looking-back-view';
import { allFacts } from '../all-facts';
import { reckoned } from '../known-states';

/**
 * Every colony that there was at some time in a span, those that ended in it too, each as it stood when the span was over or stands today.
 * Reckoned apart from what the other pages keep: their colonies are those of today.
 *
 * @param apiaryId null: of all apiaries
 */
export function knownThen(opened: Book, span: DayRange, today: Day, apiaryId: string | null): KnownThen {
  const { db } = opened;
  const on = span.to < today ? span.to : today;
  const settings = loadSettings(db);
  const facts = allFacts(opened, on);
  const places = new Map(
    db
      .select()
      .from(apiaries)
      .all()
      .map((apiary) => [apiary.id, apiary]),
  );
  const rows = db.select().from(colonies).where(isNull(colonies.deletedAt)).all().sort(byName);
  return {
    on,
    facts,
    colonies: rows.flatMap((colony) => {
      const own = facts.get(colony.id);
      const apiary = places.get(colony.apiaryId);
      if (!own || !apiary || (apiaryId !== null && colony.apiaryId !== apiaryId)) return [];
      const wasThere = knownSince(own) <= on && (colony.endedOn === null || day(colony.endedOn) >= span.from);
      const state = wasThere ? reckoned(own, settings, on).state : null;
      return state ? [{ colony, apiary, state }] : [];
    }),
  };
}
