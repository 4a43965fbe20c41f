'use client';

import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';

/** Takes an inspection out of the reckoning, after asking; it can be put back. */
export function DeleteInspection({ id, when }: { id: string; when: string }) {
  const { issues, sendTo } = useSend();
  return (
    <>
      <AskFirst
        trigger={<Button kind="quiet">{'delete'}</Button>}
        title={`Delete the inspection of ${when}?`}
        body="All dates are worked out without it. It stays in your records and can be restored below the list."
        yes="Delete it"
        onYes={() => void sendTo(`/api/inspections/${id}`, {}, 'DELETE')}
      />
      {issues.length > 0 && (
        <span role="alert" className="text-propolis">
          {issues.map(({ message }) => message).join(' ')}
        </span>
      )}
    </>
  );
}
