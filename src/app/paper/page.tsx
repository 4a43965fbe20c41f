import type { Metadata } from 'next';
import { formatDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { PaperPage } from '@/ui/paper/PaperPage';
import type { StandingColony } from '@/views/all-apiaries';
import { methodTitle } from '@/words/methods/methods';

export const metadata: Metadata = { title: 'On paper' };

/** Methods that are not over, by their title and the colony that each was started on. */
function underWay(colonies: readonly StandingColony[]) {
  return colonies.flatMap(({ colony, state }) =>
    state.parts.flatMap(({ programme: { id, method, colonyId, endedOn } }) =>
      endedOn === null && colonyId === colony.id ? [{ id, name: `${methodTitle(method)}: ${colony.name}` }] : [],
    ),
  );
}

export default async function Page() {
  const { today } = await now();
  const { apiaries, colonies } = loadApiaries(database(), today);
  const standing = new Set(colonies.map(({ apiary }) => apiary.id));
  return (
    <PaperPage
      today={formatDay(today)}
      apiaries={apiaries.filter(({ id }) => standing.has(id)).map(({ id, name }) => ({ id, name }))}
      programmes={underWay(colonies)}
      colonies={colonies.map(({ colony: { id, name } }) => ({ id, name }))}
    />
  );
}
