'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../../device/send';
import { AskFirst } from '../controls/AskFirst';
import { BUTTON } from '../controls/styles';

export function WipeSeason() {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const wipe = async () => {
    const sent = await send<{ backup: string }>('/api/season/wipe', {});
    setSaid(
      sent.ok ? `All taken out. Backup: ${sent.value.backup}` : sent.issues.map(({ message }) => message).join(' '),
    );
    router.refresh();
  };
  return (
    <>
      <p className="mt-3">
        <AskFirst
          trigger={
            <button type="button" className={BUTTON.danger}>
              Take everything out …
            </button>
          }
          title="Take everything out of the book?"
          body="All apiaries, colonies, queens and inspections go. A backup file is made first, and a season file you exported can be brought in again."
          yes="Take everything out"
          onYes={wipe}
        />
      </p>
      {said && (
        <p role="status" className="mt-2 font-bold">
          {said}
        </p>
      )}
    </>
  );
}
