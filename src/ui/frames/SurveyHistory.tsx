'use client';

import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { PutBack } from '../controls/PutBack';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

interface Props {
  /** Newest first. */
  readonly surveys: readonly { readonly id: string; readonly when: string; readonly words: string }[];
  readonly deleted: readonly { readonly id: string; readonly when: string }[];
}

/** When the frames were surveyed or moved; each can be taken out of the reckoning and put back. */
export function SurveyHistory({ surveys, deleted }: Props) {
  const { issues, sendTo } = useSend();
  return (
    <section aria-label="Surveys so far" className="mt-6">
      <h2 className="border-t-2 border-ink pt-2 text-lg">Surveys so far</h2>
      <IssueList issues={issues} />
      <ul>
        {surveys.map(({ id, when, words }) => (
          <li key={id} className="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1.5">
            <span className="mr-auto">
              <b>{when}</b> {words}
            </span>
            <AskFirst
              trigger={
                <Button kind="quiet" aria-label={`Delete the survey of ${when}`}>
                  delete
                </Button>
              }
              title={`Delete the survey of ${when}?`}
              body="Room and dates are worked out without it. It stays in your records and can be restored below."
              yes="Delete it"
              onYes={() => void sendTo(`/api/surveys/${id}`, {}, 'DELETE')}
            />
          </li>
        ))}
        {deleted.map(({ id, when }) => (
          <li key={id} className="text-muted border-b border-line py-1.5">
            {`Deleted: ${when}. `}
            <PutBack path={`/api/surveys/${id}`} />
          </li>
        ))}
      </ul>
    </section>
  );
}
