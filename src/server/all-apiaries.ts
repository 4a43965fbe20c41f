import 'server-only';
import { byName } from '../core/by-name';
import type { Day } from '../core/calendar/day';
import { namedByChoice } from '../core/choices/order-of-day';
import { keptKind } from '../db/kept';
import type { Book } from '../db/open';
import { loadSettings } from '../db/repositories/settings';
import { apiaries, colonies } from '../db/schema/tables';
import type { AllApiaries, UnreckonedColony } from '../views/all-apiaries';
import { allFacts } from './all-facts';
import { besideColony, plansOf } from './asked-of-colony';
import { bookVersion } from './book-version';
import { stateOf } from './known-states';
import { loadMeasured } from './measured';

/** All of it as last reckoned. Nearly every page asks for it, and it only changes with the book or the day. */
const ALL = keptKind<AllApiaries>('all');

/** Every colony as it stands on `today`. */
export function loadApiaries(opened: Book, today: Day): AllApiaries {
  return opened.kept.value(ALL, '', [bookVersion(opened, today)], () => reckon(opened, today));
}

function reckon(opened: Book, today: Day): AllApiaries {
  const { db } = opened;
  const settings = loadSettings(db);
  const apiaryRows = db.select().from(apiaries).all().sort(byName);
  const facts = allFacts(opened, today);
  const rows = db.select().from(colonies).all().sort(byName);
  const unreckoned: UnreckonedColony[] = [];
  const standing = apiaryRows.flatMap((apiary) =>
    rows
      .filter(({ apiaryId }) => apiaryId === apiary.id)
      .flatMap((colony) => {
        const own = facts.get(colony.id);
        if (!own) return [];
        const { state, why } = stateOf(opened, colony.id, own, settings, today);
        if (why !== null) {
          if (own.endedOn === null || own.endedOn > today) unreckoned.push({ colony, apiary, why });
          return [];
        }
        return state.ended || state.knownSince > today ? [] : [{ colony, apiary, state }];
      }),
  );
  const onStands = standing.map(({ colony }) => colony);
  const measured = loadMeasured(opened, apiaryRows, onStands, facts, today);
  const all = { apiaries: apiaryRows, colonies: standing, unreckoned, settings, measured };
  const plans = plansOf(db, today);
  const named = standing.map((one) => ({
    ...one,
    state: namedByChoice(one.state, besideColony(all, plans, one, today)),
  }));
  return { ...all, colonies: named };
}
