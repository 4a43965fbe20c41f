'use client';

import type { RoundMadeView } from '../../views/rounds-made-view';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

/** Rounds that were made, from which minutes are learned; one that was not ended in time can be deleted. */
export function RoundsMade({ rounds }: { readonly rounds: readonly RoundMadeView[] }) {
  const { issues, sendTo } = useSend();
  if (rounds.length === 0) return null;
  return (
    <section aria-label="Rounds you made" className="mt-8 max-w-xl border-t-2 border-ink pt-2">
      <h2 className="text-xl">Rounds you made</h2>
      <IssueList issues={issues} />
      <ul>
        {rounds.map(({ id, words }) => (
          <li key={id} className="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-line">
            {words}
            <AskFirst
              trigger={
                <Button kind="quiet" className="min-h-11" aria-label={`Delete ${words}`}>
                  Delete
                </Button>
              }
              title="Delete this round?"
              body="Its minutes are no longer learned from, and it is no visit any more for a scale. What you entered at the hives stays."
              yes="Delete it"
              onYes={() => void sendTo(`/api/rounds-made/${id}`, {}, 'DELETE')}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
