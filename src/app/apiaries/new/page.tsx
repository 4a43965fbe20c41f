import type { Metadata } from 'next';
import { v7 as newId } from 'uuid';
import { ApiaryForm } from '@/ui/forms/ApiaryForm';

export const metadata: Metadata = { title: 'Add an apiary' };

export default function Page() {
  return <ApiaryForm apiary={{ id: newId(), name: '', note: '', mainFlowFrom: null, mainFlowTo: null }} isNew />;
}
