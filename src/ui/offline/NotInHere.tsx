'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useDevice } from './DeviceProvider';

/** Pages that reckon with the whole book. */
const WHOLE = new Set(['/', '/season', '/colonies', '/cells', '/room']);

/** Says on a page of the server's that what waits on this device is not reckoned in there yet. */
export function NotInHere() {
  const path = usePathname();
  const { outbox } = useDevice();
  const colonyId = /^\/colonies\/([^/]+)$/.exec(path)?.[1] ?? null;
  if (colonyId === null && !WHOLE.has(path)) return null;
  const waiting = outbox.filter(
    (entry) => entry.state === 'waiting' && (colonyId === null || entry.colonyId === colonyId),
  );
  if (waiting.length === 0) return null;
  const names = [...new Set(waiting.map(({ colonyName }) => colonyName))];
  const what = waiting.length === 1 ? 'One thing' : `${waiting.length} things`;
  return (
    <p role="note" className="text-propolis mt-3 border-l-4 border-propolis pl-3 text-sm font-semibold print:hidden">
      {`${what} entered on this device and not sent yet (${names.join(', ')}) ${waiting.length === 1 ? 'is' : 'are'} not in here.`}{' '}
      <Link href="/hive" prefetch={false}>
        At the hive it is reckoned in.
      </Link>
    </p>
  );
}
