import type { Metadata } from 'next';
import { formatDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { fortnightNow } from '@/server/rounds/fortnight-now';
import { PaperPage } from '@/ui/paper/PaperPage';
import type { StandingColony } from '@/views/all-apiaries';
import { weekdayWords } from '@/words/days';
import { methodTitle } from '@/words/methods/methods';

export const metadata: Metadata = { title: 'On paper' };

/** Nobody packs for more of them at a time. */
const ROUNDS_AT_MOST = 6;

/** Methods that are not over, by their title and the colony that each was started on. */
function underWay(colonies: readonly StandingColony[]) {
  return colonies.flatMap(({ colony, state }) =>
    state.parts.flatMap(({ programme: { id, method, colonyId, endedOn } }) =>
      endedOn === null && colonyId === colony.id ? [{ id, name: `${methodTitle(method)}: ${colony.name}` }] : [],
    ),
  );
}

export default async function Page() {
  const at = await now();
  const { today } = at;
  const opened = database();
  const yard = loadApiaries(opened, today);
  const { apiaries, colonies } = yard;
  const planned = await fortnightNow(opened, yard, at, zoneBy(await deviceZone())).answer;
  const nameOf = new Map(apiaries.map(({ id, name }) => [id, name]));
  const standing = new Set(colonies.map(({ apiary }) => apiary.id));
  return (
    <PaperPage
      today={formatDay(today)}
      apiaries={apiaries.filter(({ id }) => standing.has(id)).map(({ id, name }) => ({ id, name }))}
      packing={(planned?.fortnight.rounds ?? []).slice(0, ROUNDS_AT_MOST).map(({ on, apiary }) => ({
        path: `/apiaries/kit/packing/${formatDay(on)}/${apiary}`,
        name: `${weekdayWords(on)}, ${nameOf.get(apiary)}`,
      }))}
      programmes={underWay(colonies)}
      colonies={colonies.map(({ colony: { id, name } }) => ({ id, name }))}
    />
  );
}
