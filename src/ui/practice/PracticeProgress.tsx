'use client';

import { useState } from 'react';
import { dayOfMinute } from '../../core/calendar/day';
import { localMinute } from '../../core/calendar/local-minute';
import { type KindProgress, type Practised, readByStage } from '../../core/practice/review';
import { practiceSheet } from '../../core/spreadsheets/sheets/practice';
import { STAGE_WORDS } from '../../words/cells';
import { dayWords } from '../../words/days';
import { EXERCISE_WORDS } from '../../words/practice';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { PlainTable } from '../controls/PlainTable';

interface Props {
  readonly progress: readonly KindProgress[];
  readonly practised: readonly Practised[];
  readonly isInBook: boolean;
  /** False: the book has not got all of it yet. */
  readonly isSent: boolean;
  readonly onInBook: (isInBook: boolean) => void;
  /** False: it could not be forgotten. */
  readonly onForget: () => Promise<boolean>;
}

const daysWords = (days: number | null): string => (days === null ? '–' : (Math.round(days * 10) / 10).toString());

/** When what went wrong comes again. */
const comesAgain = ({ dueSkills, nextDue }: KindProgress): string =>
  [
    dueSkills > 0 ? `${dueSkills} now` : '',
    nextDue ? `next on ${dayWords(dayOfMinute(localMinute(new Date(nextDue))))}` : '',
  ]
    .filter(Boolean)
    .join(', ') || '–';

/** What was practised, how far off it was, and what is due again; out as CSV, and into the book if the keeper wants it there. */
export function PracticeProgress({ progress, practised, isInBook, isSent, onInBook, onForget }: Props) {
  const [isForgotten, setForgotten] = useState(true);
  const byStage = readByStage(practised);
  const save = async () => {
    const { saveAsCsv } = await import('../controls/save-as-csv');
    saveAsCsv(practiceSheet(practised), 'ubbet-practice.csv');
  };
  return (
    <section aria-label="What you practised" className="mt-4">
      <PlainTable
        caption={isInBook ? 'What you practised' : 'What you practised, on this device'}
        head={['Exercise', 'Answered', 'All right', 'Days off, on average', 'Comes again']}
        rows={progress
          .filter(({ answered }) => answered > 0)
          .map((kind) => ({
            key: kind.kind,
            cells: [
              EXERCISE_WORDS[kind.kind].name,
              kind.answered,
              kind.right,
              daysWords(kind.daysOff),
              comesAgain(kind),
            ],
          }))}
      />
      {byStage.length > 0 && (
        <PlainTable
          caption="Cells read, by their stage"
          head={['Stage', 'Answered', 'All right', 'Days off, on average']}
          rows={byStage.map(({ stage, answered, right, daysOff }) => ({
            key: stage,
            cells: [STAGE_WORDS[stage].name, answered, right, daysWords(daysOff)],
          }))}
        />
      )}
      <Check
        name="Keep it in the book too"
        hint={
          isInBook && !isSent
            ? 'The book has not got all of it yet: it is sent when there is a signal.'
            : 'Your other devices have it then, and a copy of the book holds it.'
        }
        value={isInBook}
        onChange={onInBook}
      />
      <p className="mt-2 flex flex-wrap gap-3">
        <Button kind="plain" onClick={() => void save()}>
          Save it as CSV
        </Button>
        <AskFirst
          trigger={
            <Button kind="quiet" className="min-h-11">
              Forget all of it
            </Button>
          }
          title="Forget what you practised?"
          body={
            isInBook
              ? 'What comes again, and how you answered so far, goes from this device and from the book.'
              : 'What comes again, and how you answered so far, goes from this device.'
          }
          yes="Forget it"
          onYes={async () => setForgotten(await onForget())}
        />
      </p>
      {!isForgotten && (
        <p role="alert" className="text-propolis mt-2 font-semibold">
          The book could not be reached, so nothing is forgotten yet. Try again when there is a signal.
        </p>
      )}
    </section>
  );
}
