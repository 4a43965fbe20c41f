'use client';

import Link from 'next/link';
import { readinessPhrases } from '../../words/pages/readiness';
import { useIsWide } from '../controls/useIsWide';
import { useDevice } from './DeviceProvider';

/** Whether everything that was entered on this device has been sent. */
export function SignalBadge() {
  const { outbox, isReachable, readiness } = useDevice();
  const isWide = useIsWide();
  const refused = outbox.filter(({ state }) => state === 'refused').length;
  const waiting = outbox.filter(({ state }) => state === 'waiting').length;
  const parts = [
    refused > 0 ? `${refused} to fix` : null,
    waiting > 0 ? `${waiting} saved here, not sent` : null,
    !isReachable && waiting === 0 ? 'no signal' : null,
    // What is used at a desk is not going to the hive.
    !isWide && isReachable && readiness.is === 'getting-ready' ? readinessPhrases.badge : null,
  ].filter((part) => part !== null);
  const tone = refused > 0 || waiting > 0 ? 'border-propolis text-propolis' : 'border-line text-muted';
  return (
    <span role="status">
      <Link
        href="/hive"
        prefetch={false}
        className={`border-2 px-2 py-1.5 text-sm font-semibold whitespace-nowrap no-underline hover:border-ink ${tone}`}
      >
        {parts.length === 0 ? 'all sent' : parts.join(' · ')}
      </Link>
    </span>
  );
}
