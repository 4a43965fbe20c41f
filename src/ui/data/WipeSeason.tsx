'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../../device/send';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { UndoReplaced } from './UndoReplaced';

export function WipeSeason() {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const [backup, setBackup] = useState<string | null>(null);
  const wipe = async () => {
    const sent = await send<{ backup: string }>('/api/season/wipe', {});
    setSaid(sent.ok ? 'All taken out.' : sent.issues.map(({ message }) => message).join(' '));
    setBackup(sent.ok ? sent.value.backup : null);
    router.refresh();
  };
  return (
    <>
      <p className="mt-3">
        <AskFirst
          trigger={<Button kind="danger">Erase everything …</Button>}
          title="Erase everything?"
          body="All apiaries, colonies, queens and inspections go. A backup file is made first, and a season file you exported can be brought in again."
          yes="Erase everything"
          onYes={wipe}
        />
      </p>
      {said && (
        <p role="status" className="mt-2 font-bold">
          {said}
        </p>
      )}
      {backup && <UndoReplaced backup={backup} what="Everything is there again." />}
    </>
  );
}
