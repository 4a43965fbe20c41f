import 'server-only';
import type { Day } from '../core/calendar/day';
import type { ColonyFacts } from '../core/colony/facts';
import type { OpenedDatabase } from '../db/open';
import { roundsMade } from '../db/repositories/rounds';
import { onScales } from '../db/repositories/scale';
import type { ApiaryWeather, Measured, ScaleNow } from '../views/measured';
import { isOnDemoScale } from './demo-devices';
import { changesNow, keptWhileUnchanged } from './kept-while-unchanged';
import { scaleAt, visitsNoted } from './scale/colony-scale';
import { weatherAt } from './weather/apiary-weather';

const keptWeather = keptWhileUnchanged<ApiaryWeather | null>();
const keptScales = keptWhileUnchanged<ScaleNow | null>();

/** What is known of the weather at each apiary and of the colonies on scales. */
export function loadMeasured(
  opened: OpenedDatabase,
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
        const weather = keptWeather(opened, changes, id, String(today), () => weatherAt(opened, id, today));
        return weather ? [[id, weather] as const] : [];
      }),
    ),
    scales: new Map(
      colonies.flatMap((colony) => {
        const own = stored.has(colony.id) || isOnDemoScale(colony.id) ? facts.get(colony.id) : undefined;
        if (!own) return [];
        const beside = `${today} ${JSON.stringify(visitsNoted(own, colony.id, rounds))}`;
        const now = keptScales(
          opened,
          changes,
          colony.id,
          beside,
          () => scaleAt(opened, colony, own, today)?.now ?? null,
        );
        return now ? [[colony.id, now] as const] : [];
      }),
    ),
  };
}
