import type { Metadata } from 'next';
import { now } from '@/server/clock';
import { StartForm } from '@/ui/forms/StartForm';

export const metadata: Metadata = { title: 'Begin' };

export default async function Page() {
  const { today } = await now();
  return <StartForm today={today} />;
}
