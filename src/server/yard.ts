import 'server-only';
import { asc } from 'drizzle-orm';
import { addDays, type Day } from '../core/calendar/day';
import { foldColony } from '../core/colony/fold';
import type { Db, OpenedDatabase } from '../db/open';
import { loadColonyFacts } from '../db/repositories/colony-facts';
import { loadSettings } from '../db/repositories/settings';
import { apiaries, colonies } from '../db/schema/tables';
import type { Yard } from '../views/yard';
import { bookVersion } from './book-version';

/** What happened longer ago than this no longer bears on what is due. */
export const MEMORY_DAYS = 400;

/** The yard as last reckoned. Nearly every page asks for it, and it only changes with the book or the day. */
const last = new WeakMap<object, { readonly version: string; readonly yard: Yard }>();

/** Every colony as it stands on `today`. */
export function loadYard(opened: OpenedDatabase, today: Day): Yard {
  const version = bookVersion(opened, today);
  const known = last.get(opened);
  if (known?.version === version) return known.yard;
  const yard = reckonYard(opened.db, today);
  last.set(opened, { version, yard });
  return yard;
}

function reckonYard(db: Db, today: Day): Yard {
  const settings = loadSettings(db);
  const apiaryRows = db.select().from(apiaries).orderBy(asc(apiaries.name)).all();
  const facts = loadColonyFacts(db, { since: addDays(today, -MEMORY_DAYS) });
  const rows = db.select().from(colonies).orderBy(asc(colonies.name)).all();
  const yardColonies = apiaryRows.flatMap((apiary) =>
    rows
      .filter(({ apiaryId }) => apiaryId === apiary.id)
      .flatMap((colony) => {
        const own = facts.get(colony.id);
        if (!own || own.startedOn > today) return [];
        const state = foldColony(own, settings, today);
        return state.ended ? [] : [{ colony, apiary, state }];
      }),
  );
  return { apiaries: apiaryRows, colonies: yardColonies, settings };
}
