'use client';

import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';

/** Takes back that two queens were made one. */
export function PartQueens({ id }: { readonly id: string }) {
  const { issues, isSending, sendTo } = useSend();
  return (
    <>
      <AskFirst
        trigger={
          <Button kind="quiet" className="min-h-6" disabled={isSending}>
            Make them two again
          </Button>
        }
        title="Make them two queens again?"
        body="What was noted of the other goes back to her. What was noted since stays here."
        yes="Make them two"
        onYes={() => void sendTo('/api/queens/part', { id })}
      />
      {issues.map(({ message }) => (
        <span key={message} role="alert" className="text-propolis">
          {` ${message}`}
        </span>
      ))}
    </>
  );
}
