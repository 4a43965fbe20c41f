import 'server-only';
import type { Day } from '../core/calendar/day';
import type { ColonyFacts } from '../core/colony/facts';
import { keptKind } from '../db/kept';
import type { Book } from '../db/open';
import { roundsMade } from '../db/repositories/rounds';
import { onScales } from '../db/repositories/scale';
import type { ApiaryWeather, Measured, ScaleNow } from '../views/measured';
import { changesNow, ownVersion } from './changes-now';
import { isOnDemoScale } from './demo-devices';
import { scaleAt, visitsNoted } from './scale/colony-scale';
import { weatherAt } from './weather/apiary-weather';

const WEATHER = keptKind<ApiaryWeather | null>('weather');
const SCALE = keptKind<ScaleNow | null>('scale');

/** What is known of the weather at each apiary and of the colonies on scales. */
export function loadMeasured(
  opened: Book,
  apiaries: readonly { readonly id: string }[],
  colonies: readonly { readonly id: string; readonly apiaryId: string }[],
  facts: ReadonlyMap<string, ColonyFacts>,
  today: Day,
): Measured {
  const stored = onScales(opened.db);
  const rounds = roundsMade(opened.db);
  const changes = changesNow(opened);
  return {
    weather: new Map(
      apiaries.flatMap(({ id }) => {
        const versions = [...ownVersion(changes, id), today];
        const weather = opened.kept.value(WEATHER, id, versions, () => orNull(() => weatherAt(opened, id, today)));
        return weather ? [[id, weather] as const] : [];
      }),
    ),
    scales: new Map(
      colonies.flatMap((colony) => {
        const own = stored.has(colony.id) || isOnDemoScale(colony.id) ? facts.get(colony.id) : undefined;
        if (!own) return [];
        const visits = JSON.stringify(visitsNoted(own, colony.id, rounds));
        const versions = [...ownVersion(changes, colony.id), today, visits];
        const now = opened.kept.value(SCALE, colony.id, versions, () =>
          orNull(() => scaleAt(opened, colony, own, today)?.now ?? null),
        );
        return now ? [[colony.id, now] as const] : [];
      }),
    ),
  };
}

/** What was measured and cannot be worked out is not known; nothing else waits for it. */
function orNull<T>(reckon: () => T | null): T | null {
  try {
    return reckon();
  } catch (error) {
    console.error(error);
    return null;
  }
}
