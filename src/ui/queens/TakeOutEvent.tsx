'use client';

import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';

/** Takes something that is noted of a queen out of the records; it can be restored below. */
export function TakeOutEvent({ id, words }: { readonly id: string; readonly words: string }) {
  const { issues, isSending, sendTo } = useSend();
  return (
    <>
      {' '}
      <AskFirst
        trigger={
          <Button kind="quiet" className="min-h-6 text-sm" disabled={isSending} aria-label={`Delete: ${words}`}>
            Delete
          </Button>
        }
        title="Delete this from her life?"
        body={`${words}. What follows from it is worked out without it. It can be restored.`}
        yes="Delete it"
        onYes={() => void sendTo(`/api/queen-events/${id}`, {}, 'DELETE')}
      />
      {issues.map(({ message }) => (
        <span key={message} role="alert" className="text-propolis">
          {` ${message}`}
        </span>
      ))}
    </>
  );
}
