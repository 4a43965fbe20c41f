'use client';

import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

const WHAT = {
  weather: { button: 'Take all hours out', title: 'Take out all hours that were brought in?' },
  scale: { button: 'Take all readings out', title: 'Take out all readings that were brought in?' },
} as const;

/** The way out for what was brought in at the wrong place. */
export function WipeMeasured({ kind, ofId }: { readonly kind: 'weather' | 'scale'; readonly ofId: string }) {
  const { issues, sendTo } = useSend();
  return (
    <div className="mt-3">
      <IssueList issues={issues} />
      <AskFirst
        trigger={
          <Button kind="quiet" className="min-h-11">
            {WHAT[kind].button}
          </Button>
        }
        title={WHAT[kind].title}
        body="Nights and swarms that you entered stay. A backup is made first; it can be brought back under Data."
        yes="Take them out"
        onYes={() => void sendTo(`/api/${kind}-files`, { of: ofId }, 'DELETE')}
      />
    </div>
  );
}
