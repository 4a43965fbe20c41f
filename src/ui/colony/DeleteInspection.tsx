'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { send } from '../../device/send';
import { AskFirst } from '../controls/AskFirst';
import { BUTTON } from '../controls/styles';

/** Takes an inspection out of the reckoning, after asking; it can be put back. */
export function DeleteInspection({ id, when }: { id: string; when: string }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const remove = async () => {
    const sent = await send(`/api/inspections/${id}`, {}, 'DELETE');
    if (sent.ok) router.refresh();
    else setProblem(sent.issues.map(({ message }) => message).join(' '));
  };
  return (
    <>
      <AskFirst
        trigger={
          <button type="button" className={BUTTON.quiet}>
            {'delete'}
          </button>
        }
        title={`Delete the inspection of ${when}?`}
        body="All dates are worked out without it. It stays in your records and can be restored below the list."
        yes="Delete it"
        onYes={remove}
      />
      {problem && (
        <span role="alert" className="text-propolis">
          {problem}
        </span>
      )}
    </>
  );
}
