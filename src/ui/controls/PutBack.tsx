'use client';

import { Button } from './Button';
import { useSend } from './useSend';

/** Puts something back that was deleted or taken back. */
export function PutBack({ path }: { path: string }) {
  const { issues, isSending, sendTo } = useSend();
  return (
    <>
      <Button kind="quiet" disabled={isSending} onClick={() => void sendTo(path, {})}>
        Restore
      </Button>
      {issues.length > 0 && (
        <span role="alert" className="text-propolis">
          {' '}
          {issues.map(({ message }) => message).join(' ')}
        </span>
      )}
    </>
  );
}
