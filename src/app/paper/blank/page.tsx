import type { Metadata } from 'next';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { oneParam } from '@/server/one-param';
import { BlankSheetsPage } from '@/ui/paper/BlankSheetsPage';
import { roundView } from '@/views/round-view';

export const metadata: Metadata = { title: 'Blank inspection sheets' };

interface Props {
  readonly searchParams: Promise<{ readonly apiary?: string | string[] }>;
}

export default async function Page({ searchParams }: Props) {
  const { today } = await now();
  const apiaryId = oneParam((await searchParams).apiary);
  const { apiaries, colonies } = loadApiaries(database(), today);
  const apiary = apiaries.find(({ id }) => id === apiaryId) ?? null;
  const here = colonies.filter((one) => one.apiary.id === apiary?.id);
  const { due, others } = roundView(here, today);
  const shut = here.filter(({ colony }) => ![...due, ...others].some(({ colonyId }) => colonyId === colony.id));
  return (
    <BlankSheetsPage
      apiary={apiary?.name ?? null}
      hives={[
        ...[...due, ...others].map(({ colonyId, name, stand }) => ({ id: colonyId, name, stand })),
        ...shut.map(({ colony: { id, name, stand } }) => ({ id, name, stand })),
      ]}
    />
  );
}
