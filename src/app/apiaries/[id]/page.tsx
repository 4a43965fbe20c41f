import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { database } from '@/db/open';
import { loadSettings } from '@/db/repositories/settings';
import { loadNames } from '@/server/names';
import { ApiaryForm } from '@/ui/forms/ApiaryForm';

export const metadata: Metadata = { title: 'Edit an apiary' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const apiary = loadNames(database().db).apiaries.find((candidate) => candidate.id === id);
  if (!apiary) notFound();
  const { swarmMonths, wayMinutes } = loadSettings(database().db);
  return <ApiaryForm apiary={apiary} isNew={false} usualMonths={swarmMonths} usualWay={wayMinutes} />;
}
