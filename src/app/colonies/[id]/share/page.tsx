import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { loadFood } from '@/db/repositories/food';
import { now } from '@/server/clock';
import { loadColony, loadQueenLines } from '@/server/colony-page';
import { SharePage } from '@/ui/share/SharePage';
import { shareView } from '@/views/share-view';

export const metadata: Metadata = { title: 'One colony to share' };

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export default async function Page({ params }: Props) {
  const { id } = await params;
  const { today } = await now();
  const opened = database();
  const found = loadColony(opened, id, today);
  if (!found) notFound();
  const { db } = opened;
  // What befell her in another colony is that colony's.
  const queens = loadQueenLines(db, id, null);
  return <SharePage view={shareView({ ...found, queens, food: loadFood(db, id), today })} colonyId={id} />;
}
