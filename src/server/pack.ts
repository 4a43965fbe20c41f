import 'server-only';
import { byName } from '../core/by-name';
import { type Day, formatDay } from '../core/calendar/day';
import type { Now } from '../core/calendar/now';
import type { ColonyFacts } from '../core/colony/facts';
import { knownSince } from '../core/colony/known-since';
import type { Book } from '../db/open';
import { loadFood } from '../db/repositories/food';
import { openFramePlans } from '../db/repositories/frame-plans';
import { loadSettings } from '../db/repositories/settings';
import { loadSharedFacts } from '../db/repositories/shared-facts';
import { loadYard } from '../db/repositories/yard';
import { apiaries, colonies } from '../db/schema/tables';
import type { Pack, PackedColony, PackedPlan } from '../device/pack';
import { foodNotes } from '../views/food-view';
import { loadApiaries } from './all-apiaries';
import { allFacts } from './all-facts';
import { besideColony, plansOf } from './asked-of-colony';
import { bookVersion, writesOf } from './book-version';

const PAGES = [
  '/',
  '/hive',
  '/colonies',
  '/cells',
  '/season',
  '/season/plan',
  '/swarm-out',
  '/practice',
  '/apiaries/kit',
  '/offline',
];

/** So many rounds ahead their packing lists are taken along. */
const ROUNDS_PACKED = 3;

/** Afternoons of longer ago tell nothing of a virgin who is flying now. */
const AFTERNOONS_BACK = 60;

function withLatestAfternoons(facts: ColonyFacts, today: Day): ColonyFacts {
  const { afternoons } = facts;
  if (!afternoons) return facts;
  const latest = (days: readonly Day[]) => days.filter((on) => on >= today - AFTERNOONS_BACK);
  return { ...facts, afternoons: { good: latest(afternoons.good), poor: latest(afternoons.poor) } };
}

/** What a device takes along to the hive. */
export function makePack(opened: Book, { today, minute }: Now, plan: PackedPlan | null = null): Pack {
  const { db } = opened;
  const facts = allFacts(opened, today);
  const all = loadApiaries(opened, today);
  const plans = plansOf(db, today);
  const packed = db
    .select()
    .from(colonies)
    .all()
    .sort(byName)
    .flatMap((colony): PackedColony[] => {
      const own = facts.get(colony.id);
      const isStanding = own && knownSince(own) <= today && (own.endedOn === null || own.endedOn > today);
      if (!isStanding) return [];
      const standing = all.colonies.find((one) => one.colony.id === colony.id);
      const beside = standing && besideColony(all, plans, standing, today);
      return [{ colony, facts: withLatestAfternoons(own, today), ...(beside && { beside }) }];
    });
  const ids = new Set(packed.map(({ colony }) => colony.id));
  const programmes = loadSharedFacts(db).programmes.filter(
    ({ colonyId, endedOn }) => endedOn === null && ids.has(colonyId),
  );
  const apiaryRows = db.select().from(apiaries).all().sort(byName);
  return {
    version: bookVersion(opened, today),
    writes: writesOf(opened),
    minute,
    settings: loadSettings(db),
    apiaries: apiaryRows,
    colonies: packed,
    unreckoned: (all.unreckoned ?? []).map(({ colony }) => colony.id),
    weather: [...(all.measured?.weather ?? [])].map(([apiaryId, { days, swarmWeather }]) => ({
      apiaryId,
      days: days.filter(({ on }) => on >= today),
      swarmWeather,
    })),
    yards: apiaryRows.map(({ id }) => ({ apiaryId: id, ...loadYard(db, id) })),
    foodAsked: foodNotes(all, loadFood(db), today),
    ...(plan ? { plan } : {}),
    pages: [
      ...PAGES,
      ...(plan?.rounds ?? [])
        .slice(0, ROUNDS_PACKED)
        .map(({ on, apiary }) => `/apiaries/kit/packing/${formatDay(on)}/${apiary}`),
      ...packed.map(({ colony }) => `/colonies/${colony.id}`),
      ...programmes.map(({ id }) => `/programmes/${id}`),
      ...openFramePlans(db).map((id) => `/frame-plans/${id}`),
    ],
  };
}
