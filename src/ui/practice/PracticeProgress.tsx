'use client';

import type { KindProgress, Practised } from '../../core/practice/review';
import { EXERCISE_WORDS } from '../../words/practice';
import { AskFirst } from '../controls/AskFirst';
import { PlainTable } from '../controls/PlainTable';
import { BUTTON } from '../controls/styles';

interface Props {
  readonly progress: readonly KindProgress[];
  readonly practised: readonly Practised[];
  readonly onForget: () => void;
}

/** What was practised, how far off it was, and what is due again; out as CSV. */
export function PracticeProgress({ progress, practised, onForget }: Props) {
  const save = async () => {
    const { saveAsCsv } = await import('../controls/save-as-csv');
    const rows = practised.map(({ at, kind, skill, level, isRight, daysOff }) => ({
      at,
      exercise: kind,
      skill,
      level,
      right: isRight ? 'yes' : 'no',
      daysOff: daysOff ?? '',
    }));
    saveAsCsv(rows, 'ubbet-practice.csv');
  };
  return (
    <section aria-label="What you practised" className="mt-4">
      <PlainTable
        caption="What you practised, on this device"
        head={['Exercise', 'Answered', 'All right', 'Days off, on average', 'Comes again now']}
        rows={progress
          .filter(({ answered }) => answered > 0)
          .map(({ kind, answered, right, daysOff, dueSkills }) => ({
            key: kind,
            cells: [
              EXERCISE_WORDS[kind].name,
              answered,
              right,
              daysOff === null ? '–' : (Math.round(daysOff * 10) / 10).toString(),
              dueSkills === 0 ? '–' : dueSkills,
            ],
          }))}
      />
      <p className="mt-2 flex flex-wrap gap-3">
        <button type="button" className={BUTTON.plain} onClick={() => void save()}>
          Save it as CSV
        </button>
        <AskFirst
          trigger={
            <button type="button" className={`${BUTTON.quiet} min-h-11`}>
              Forget all of it
            </button>
          }
          title="Forget what you practised?"
          body="What comes again, and how you answered so far, goes from this device."
          yes="Forget it"
          onYes={onForget}
        />
      </p>
    </section>
  );
}
