import type { Metadata } from 'next';
import { now } from '@/server/clock';
import { PracticePage } from '@/ui/practice/PracticePage';

export const metadata: Metadata = { title: 'Practice' };

export default async function Page() {
  const { today } = await now();
  return <PracticePage today={today} />;
}
