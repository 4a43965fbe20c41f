import type { Metadata } from 'next';
import { HivePage } from '@/ui/hive/HivePage';

export const metadata: Metadata = { title: 'At the hive' };

export default function Page() {
  return <HivePage />;
}
