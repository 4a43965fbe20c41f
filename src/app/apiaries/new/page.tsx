import type { Metadata } from 'next';
import { v7 as newId } from 'uuid';
import { bareApiary } from '@/core/facts/apiary';
import { database } from '@/db/open';
import { loadSettings } from '@/db/repositories/settings';
import { ApiaryForm } from '@/ui/forms/ApiaryForm';

export const metadata: Metadata = { title: 'Add an apiary' };

export default function Page() {
  const { swarmMonths, wayMinutes } = loadSettings(database().db);
  return <ApiaryForm apiary={bareApiary(newId(), '')} isNew usualMonths={swarmMonths} usualWay={wayMinutes} />;
}
