import 'server-only';
import type { Day } from '../core/calendar/day';
import type { ColonyFacts } from '../core/colony/facts';
import type { OpenedDatabase } from '../db/open';
import { onScales } from '../db/repositories/scale';
import type { Measured } from '../views/measured';
import { isOnDemoScale } from './demo-devices';
import { scaleAt } from './scale/colony-scale';
import { weatherAt } from './weather/apiary-weather';

/** What is known of the weather at each apiary and of the colonies on scales. */
export function loadMeasured(
  opened: OpenedDatabase,
  apiaries: readonly { readonly id: string }[],
  colonies: readonly { readonly id: string; readonly apiaryId: string }[],
  facts: ReadonlyMap<string, ColonyFacts>,
  today: Day,
): Measured {
  const stored = onScales(opened.db);
  return {
    weather: new Map(
      apiaries.flatMap(({ id }) => {
        const weather = weatherAt(opened, id, today);
        return weather ? [[id, weather] as const] : [];
      }),
    ),
    scales: new Map(
      colonies.flatMap((colony) => {
        const own = stored.has(colony.id) || isOnDemoScale(colony.id) ? facts.get(colony.id) : undefined;
        const known = own && scaleAt(opened, colony, own, today);
        return known ? [[colony.id, known.now] as const] : [];
      }),
    ),
  };
}
