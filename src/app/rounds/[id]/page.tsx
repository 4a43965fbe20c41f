import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { formatDay, parseDay } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { deviceZone, now, zoneBy } from '@/server/clock';
import { kitNow } from '@/server/kit/kit-now';
import { fortnightNow, plannedThere } from '@/server/rounds/fortnight-now';
import { RoundSheet } from '@/ui/hive/RoundSheet';
import { packingView } from '@/views/packing-view';
import { roundView } from '@/views/round-view';
import { weekdayWords } from '@/words/days';

export const metadata: Metadata = { title: 'Round sheet' };

interface Props {
  readonly params: Promise<{ readonly id: string }>;
  /** `day`: the round of another day than today; `hive`: of one colony only. */
  readonly searchParams?: Promise<{ readonly day?: string; readonly hive?: string }>;
}

export default async function Page({ params, searchParams }: Props) {
  const { id } = await params;
  const { day: asked, hive } = (await searchParams) ?? {};
  const at = await now();
  const { today } = at;
  const day = asked === undefined ? today : parseDay(asked);
  const opened = database();
  const yard = loadApiaries(opened, today);
  const apiary = yard.apiaries.find((one) => one.id === id);
  const here = yard.colonies.filter(
    (standing) => standing.apiary.id === id && (hive === undefined || standing.colony.id === hive),
  );
  if (!apiary || day === null || (hive !== undefined && here.length === 0)) notFound();
  const weather = yard.measured?.weather.get(id) ?? null;
  const planned = await fortnightNow(opened, yard, at, zoneBy(await deviceZone())).answer;
  const round = roundView(here, day, weather, planned ? plannedThere(planned, id) : undefined);
  const { met, entries, isUnreckoned } = kitNow(opened, yard, today, planned);
  // One hive's task needs no car; of kit that cannot be worked out nothing is said.
  const pack =
    hive === undefined && !isUnreckoned
      ? packingView(yard, met, { on: day, apiaryId: id, day: formatDay(day) }, entries.length === 0)
      : null;
  return <RoundSheet apiary={apiary.name} day={weekdayWords(day)} round={round} pack={pack} />;
}
