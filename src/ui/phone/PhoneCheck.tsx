'use client';

import { useEffect, useState } from 'react';
import { KEPT } from '../../device/keep-pages';
import { askToPersist, storageRoom } from '../../device/storage-room';
import { Button } from '../controls/Button';
import { useDevice } from '../offline/DeviceProvider';

/** True, not yet, or the browser does not say. */
type Told = boolean | null;

interface Checked {
  readonly isTrusted: Told;
  readonly isKept: Told;
  readonly isOnHomeScreen: Told;
  readonly isPersisted: Told;
}

const ASK_AGAIN_MS = 3_000;

async function look(): Promise<Checked> {
  const standalone = matchMedia('(display-mode: standalone)').matches || 'standalone' in navigator;
  return {
    isTrusted: isSecureContext,
    isKept: Object.keys(localStorage).some((key) => key.startsWith(KEPT)),
    isOnHomeScreen: standalone && (navigator as { standalone?: boolean }).standalone !== false,
    isPersisted: (await storageRoom()).isPersisted,
  };
}

/** Which steps are done on the device that looks at this page. */
export function PhoneCheck() {
  const { pack } = useDevice();
  const [checked, setChecked] = useState<Checked | null>(null);
  useEffect(() => {
    const ask = () => void look().then(setChecked, () => {});
    ask();
    const timer = setInterval(ask, ASK_AGAIN_MS);
    return () => clearInterval(timer);
  }, []);
  if (!checked) return null;
  const { isTrusted, isKept, isOnHomeScreen, isPersisted } = checked;
  return (
    <ul className="mt-2">
      <Step
        is={isTrusted}
        done="The certificate is trusted."
        open="The certificate is not trusted yet: steps 3 and 4."
      />
      <Step
        is={pack !== null}
        done="Signed in: this device has the book."
        open="The book has not come yet: wait a moment."
      />
      <Step
        is={isKept}
        done="Kept for the hive: it opens without a signal."
        open="Not kept for the hive yet: open At the hive, and wait."
      />
      <Step
        is={isOnHomeScreen}
        done="On the home screen."
        open="Opened in the browser: put it on the home screen, and open it from there."
      />
      <Step
        is={isPersisted}
        done="The browser keeps what you enter for good."
        open="The browser may throw it away when room is short."
      >
        <Button kind="quiet" className="min-h-11" onClick={() => void askToPersist().then(look).then(setChecked)}>
          Ask it to keep it
        </Button>
      </Step>
    </ul>
  );
}

function Step({ is, done, open, children }: { is: Told; done: string; open: string; children?: React.ReactNode }) {
  const mark = is === null ? 'not known' : is ? 'done' : 'open';
  return (
    <li className="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1.5">
      <b className={`w-20 ${is ? '' : 'text-propolis'}`}>{mark}</b>
      <span>{is ? done : is === null ? `This browser does not say: ${done.toLowerCase()}` : open}</span>
      {is === false && children}
    </li>
  );
}
