'use client';

import { usePathname } from 'next/navigation';
import { readinessPhrases } from '../../words/pages/readiness';
import { useDevice } from './DeviceProvider';

/** Where a phone is opened before it goes along. */
const FIRST_PAGES: ReadonlySet<string> = new Set(['/', '/hive']);

/** On a phone: how long it takes until it can go without a signal, and that it can, while this was awaited. */
export function GettingReady() {
  const { readiness, isReachable } = useDevice();
  const path = usePathname();
  if (!FIRST_PAGES.has(path) || (readiness.is !== 'getting-ready' && readiness.is !== 'just-now')) return null;
  // Without a signal nothing goes on.
  if (readiness.is === 'getting-ready' && !isReachable) return null;
  return (
    <p role="status" className="mt-2 border-l-4 border-larch pl-3 wide:hidden print:hidden">
      {readiness.is === 'getting-ready' ? (
        readinessPhrases.getting(readiness.keeping.secondsLeft)
      ) : (
        <b>{readinessPhrases.ready}</b>
      )}
    </p>
  );
}
