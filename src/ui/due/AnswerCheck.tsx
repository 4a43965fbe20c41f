'use client';

import { useId, useState } from 'react';
import { v7 as newId } from 'uuid';
import { ANSWERS } from '../../core/programmes/answers';
import type { DueAt, DueView } from '../../views/due-view';
import { answerWords, remedyWords } from '../../words/answers';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { FIELD } from '../controls/styles';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { useSay } from '../offline/useSay';

interface Props {
  /** What the check asks for. */
  readonly order: string;
  readonly asks: NonNullable<DueView['asks']>;
  readonly at: DueAt;
  readonly minute: string;
  readonly onDone: () => void;
}

interface Choice {
  readonly answer: string;
  readonly words: string;
  readonly remedy: string | null;
  readonly queenlessColonyId: string | null;
}

/** Of a split, knowing the halves is one answer for each half that may have no queen. */
function choicesOf({ code }: Props['asks'], { halves }: DueAt): readonly Choice[] {
  return ANSWERS[code].flatMap(({ code: answer }): Choice[] => {
    const remedy = remedyWords(code, answer);
    return code === 'which-half' && answer === 'known'
      ? halves.map(({ id, name }) => ({
          answer,
          words: `Cells and no eggs in ${name}: it has no queen`,
          remedy,
          queenlessColonyId: id,
        }))
      : [{ answer, words: answerWords({ check: code, answer }), remedy, queenlessColonyId: null }];
  });
}

/** One tap says what a check came to. */
export function AnswerCheck({ order, asks, at, minute: shownAt, onDone }: Props) {
  const minute = useThisMinute(shownAt)();
  const today = minute.slice(0, 10);
  const [id] = useState(() => newId());
  const dayId = useId();
  const [on, setOn] = useState(today);
  const [note, setNote] = useState('');
  const { issues, isSaying, say } = useSay({ id: at.colonyId, name: at.colonyName });
  const answer = async ({ answer: code, words, queenlessColonyId }: Choice) => {
    const { programmeId, code: check, nth } = asks;
    const time = on === today ? minute.slice(11) : '12:00';
    const body = {
      id,
      programmeId,
      colonyId: at.colonyId,
      code: check,
      nth,
      at: `${on}T${time}`,
      answer: code,
      queenlessColonyId,
      note,
    };
    const said = `${order}. ${words}${note ? ` (${note})` : ''}`;
    if ((await say('answer', body, said)) !== 'refused') onDone();
  };
  return (
    <fieldset className="mt-1 border-l-4 border-willow pl-3" disabled={isSaying}>
      <legend className="sr-only">Result</legend>
      <IssueList issues={issues} />
      <div className="grid gap-2">
        {choicesOf(asks, at).map((choice) => (
          <Button
            key={choice.words}
            kind="plain"
            className="min-h-12 text-left leading-tight"
            onClick={() => void answer(choice)}
          >
            {choice.words}
            {choice.remedy && <span className="text-muted block text-sm font-normal">{choice.remedy}</span>}
          </Button>
        ))}
      </div>
      <div className="mt-2 grid gap-2 text-sm sm:grid-cols-[auto_1fr]">
        <div>
          <label htmlFor={dayId}>Seen on</label>
          <DayField id={dayId} hasChips max={today} value={on} onChange={(value) => setOn(value)} />
        </div>
        <label>
          Note
          <input className={FIELD} value={note} onChange={(event) => setNote(event.target.value)} />
        </label>
      </div>
    </fieldset>
  );
}
