'use client';

import { useState } from 'react';
import type { KitView } from '../../views/kit-view';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';

/** What was said of the kit, the latest first; each can be taken out, and put back. */
export function KitSaidList({ said }: Pick<KitView, 'said'>) {
  const { issues, isSending, sendTo } = useSend();
  const [takenOut, setTakenOut] = useState<{ readonly ids: readonly string[]; readonly words: string } | null>(null);
  if (said.length === 0 && !takenOut) return null;
  return (
    <section aria-label="What you said of it" className="mt-6">
      <h2 className="text-lg">What you said of it</h2>
      {issues.map(({ message }) => (
        <p key={message} role="alert" className="text-propolis">
          {message}
        </p>
      ))}
      {takenOut && (
        <p role="status" className="flex flex-wrap items-baseline gap-x-3">
          {`Taken out: ${takenOut.words}.`}
          <Button
            kind="quiet"
            className="min-h-11"
            disabled={isSending}
            onClick={() =>
              void sendTo('/api/kit-entries/taken-out', { ids: takenOut.ids, isOut: false }).then(
                (isSent) => isSent && setTakenOut(null),
              )
            }
          >
            Put it back
          </Button>
        </p>
      )}
      <ul className="text-sm">
        {said.map(({ ids, at, words, reason }) => (
          <li key={ids[0]} className="flex items-baseline justify-between gap-x-3 border-b border-line">
            <span className="py-1">
              {words}
              <span className="text-muted block">
                {at}
                {reason && ` · ${reason}`}
              </span>
            </span>
            <Button
              kind="quiet"
              className="min-h-11 shrink-0"
              disabled={isSending}
              aria-label={`Take out: ${words}`}
              onClick={() =>
                void sendTo('/api/kit-entries/taken-out', { ids, isOut: true }).then(
                  (isSent) => isSent && setTakenOut({ ids, words }),
                )
              }
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
