import type { Metadata } from 'next';
import qrcode from 'qrcode';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { oneParam } from '@/server/one-param';
import { HiveCardsPage } from '@/ui/paper/HiveCardsPage';
import { hiveCard } from '@/views/hive-card';

export const metadata: Metadata = { title: 'Cards for the hive tops' };

interface Props {
  readonly searchParams: Promise<{ readonly apiary?: string | string[] }>;
}

export default async function Page({ searchParams }: Props) {
  const { today } = await now();
  const apiaryId = oneParam((await searchParams).apiary) ?? '';
  const { apiaries, colonies } = loadApiaries(database(), today);
  const [address] = globalThis.ubbetReach?.addresses ?? [];
  const there = colonies.filter(({ apiary }) => apiaryId === '' || apiary.id === apiaryId);
  const cards = await Promise.all(
    there.map(async (one) => ({
      card: hiveCard(one, today),
      // A code that leads to this machine alone is of no use at the hive.
      code: address
        ? await qrcode.toDataURL(new URL(`/colonies/${one.colony.id}`, address).href, { margin: 1, width: 240 })
        : null,
    })),
  );
  return (
    <HiveCardsPage
      cards={cards}
      apiaries={apiaries.map(({ id, name }) => ({ id, name }))}
      apiaryId={apiaryId}
      hasCodes={address !== undefined}
    />
  );
}
