'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../../device/send';
import { Button } from '../controls/Button';

/** Undoes an import, a wipe or a bringing back, from the page that follows it: what was there comes back from its backup. */
export function UndoReplaced({ backup, what }: { backup: string; what: string }) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const undo = async () => {
    const sent = await send('/api/backups/bring-back', { name: backup });
    setSaid(sent.ok ? what : sent.issues.map(({ message }) => message).join(' '));
    router.refresh();
  };
  if (said) {
    return (
      <p role="status" className="mt-1 font-bold">
        {said}
      </p>
    );
  }
  return (
    <p className="mt-1">
      <Button kind="plain" onClick={() => void undo()}>
        Undo it
      </Button>{' '}
      <span className="text-muted text-sm">It stays possible from the list of backups.</span>
    </p>
  );
}
