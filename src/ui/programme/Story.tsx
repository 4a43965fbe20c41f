'use client';

import type { StoryLine } from '../../views/programme-view';
import { weekdayWords } from '../../words/days';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

/** What became of a programme so far, newest first: answers, and every date that moved with the reason. */
export function Story({ lines }: { lines: readonly StoryLine[] }) {
  const { issues, sendTo } = useSend();
  if (lines.length === 0) return <p className="text-muted">Nothing yet.</p>;
  return (
    <>
      <IssueList issues={issues} />
      <ol>
        {lines.map(({ key, on, words, remedy, answerId }) => (
          <li key={key} className="border-b border-line py-1.5 text-sm">
            <b>{weekdayWords(on)}</b> {words}.
            {answerId !== null && (
              <Button
                kind="quiet"
                className="ml-3"
                aria-label={`Take back: ${words}`}
                onClick={() => void sendTo(`/api/answers/${answerId}`, {}, 'DELETE')}
              >
                take back
              </Button>
            )}
            {remedy && <span className="block font-semibold">{remedy}</span>}
          </li>
        ))}
      </ol>
    </>
  );
}
