'use client';

import { useSyncExternalStore } from 'react';
import { Button } from '../controls/Button';
import { CopyAsText } from '../offline/CopyAsText';

const never = () => () => {};
const canShare = () => typeof navigator.share === 'function';

/** Hands a text to another person: by what the device sends with, where it has that, and by copying it. */
export function SendText({ title, text }: { title: string; text: string }) {
  const isShared = useSyncExternalStore(never, canShare, () => false);
  // Somebody who thinks better of it has not failed.
  const send = () => navigator.share({ title, text }).catch(() => {});
  return (
    <>
      {isShared && (
        <Button kind="quiet" className="min-h-11" onClick={() => void send()}>
          Send it to a helper
        </Button>
      )}
      <CopyAsText text={text} label="The round, as text" />
    </>
  );
}
