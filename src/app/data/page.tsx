import { basename } from 'node:path';
import type { Metadata } from 'next';
import { database } from '@/db/open';
import { isDemo } from '@/server/demo-mode';
import { DataPage } from '@/ui/data/DataPage';

export const metadata: Metadata = { title: 'Data' };

export default function Page() {
  return <DataPage file={basename(database().file)} isDemo={isDemo()} />;
}
