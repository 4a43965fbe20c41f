import type { Metadata } from 'next';
import { v7 as newId } from 'uuid';
import { database } from '@/db/open';
import { loadSettings } from '@/db/repositories/settings';
import { ApiaryForm } from '@/ui/forms/ApiaryForm';

export const metadata: Metadata = { title: 'Add an apiary' };

const NOTHING_SAID = {
  name: '',
  note: '',
  mainFlowFrom: null,
  mainFlowTo: null,
  swarmMonths: null,
  wayMinutes: null,
  diseaseSuspectedSince: null,
};

export default function Page() {
  const { swarmMonths, wayMinutes } = loadSettings(database().db);
  return <ApiaryForm apiary={{ id: newId(), ...NOTHING_SAID }} isNew usualMonths={swarmMonths} usualWay={wayMinutes} />;
}
