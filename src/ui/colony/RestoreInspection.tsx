'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { BUTTON } from '../controls/styles';
import { send } from '../http/send';

/** Puts a deleted inspection back. */
export function RestoreInspection({ id }: { id: string }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const restore = async () => {
    const sent = await send(`/api/inspections/${id}`, {});
    if (sent.ok) router.refresh();
    else setProblem(sent.issues.map(({ message }) => message).join(' '));
  };
  return (
    <>
      <button type="button" className={BUTTON.quiet} onClick={restore}>
        Put it back
      </button>
      {problem && (
        <span role="alert" className="text-propolis">
          {' '}
          {problem}
        </span>
      )}
    </>
  );
}
