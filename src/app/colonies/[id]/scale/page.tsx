import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { onScales } from '@/db/repositories/scale';
import { now } from '@/server/clock';
import { loadColony } from '@/server/colony-page';
import { isOnDemoScale } from '@/server/demo-devices';
import { keyInUse } from '@/server/devices/keys';
import { scaleAt } from '@/server/scale/colony-scale';
import { ScalePage } from '@/ui/scale/ScalePage';
import { lossViews } from '@/views/measured-notes';
import { scaleDays, scaleView } from '@/views/scale-view';
import { flowWords } from '@/words/scale';

export const metadata: Metadata = { title: 'Scale' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { today } = await now();
  const opened = database();
  const found = loadColony(opened, id, today);
  if (!found) notFound();
  const { colony, facts } = found;
  const known = scaleAt(opened, colony, facts, today);
  const days = scaleDays(today);
  return (
    <ScalePage
      colony={colony}
      view={known && scaleView(known.scale, known.readings, days)}
      flow={known && flowWords(known.now)}
      losses={lossViews(id, known?.now.losses ?? [])}
      axis={{ first: days.from, days: days.to - days.from + 1, today }}
      scaleKey={keyInUse(opened.db, 'scale', id)}
      isBrought={onScales(opened.db).has(id)}
      isSimulated={isOnDemoScale(id)}
    />
  );
}
