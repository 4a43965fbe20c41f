import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { database } from '@/db/open';
import { loadSettings } from '@/db/repositories/settings';
import { now } from '@/server/clock';
import { loadNames } from '@/server/names';
import { oneParam } from '@/server/one-param';
import { SeveralForm } from '@/ui/forms/SeveralForm';

export const metadata: Metadata = { title: 'Add several hives' };

export default async function Page({ searchParams }: { searchParams: Promise<{ apiary?: string | string[] }> }) {
  const asked = oneParam((await searchParams).apiary);
  const { today } = await now();
  const { db } = database();
  const { apiaries } = loadNames(db);
  const [first] = apiaries;
  if (!first) redirect('/start');
  return (
    <SeveralForm
      apiaryId={apiaries.find(({ id }) => id === asked)?.id ?? first.id}
      apiaries={apiaries}
      today={today}
      swarmMonths={loadSettings(db).swarmMonths}
    />
  );
}
