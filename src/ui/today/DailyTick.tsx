'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { ANSWERS } from '../../core/programmes/answers';
import type { NamedColony } from '../../views/all-apiaries';
import type { DueView } from '../../views/due-view';
import { answerWords } from '../../words/answers';
import { withinSentence } from '../../words/capital';
import { Button } from '../controls/Button';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { useSay } from '../offline/useSay';

interface Props {
  readonly task: DueView;
  readonly colony: NamedColony;
  /** The minute that the page was made for. */
  readonly minute: string;
}

/** Ticks today's turn of a daily task, or ends it; kept on the device when there is no signal. */
export function DailyTick({ task: { order, asks }, colony, minute: shownAt }: Props) {
  const thisMinute = useThisMinute(shownAt);
  const [id] = useState(() => newId());
  const [isTicked, setTicked] = useState(false);
  const { issues, isSaying, say } = useSay(colony);
  const done = asks && ANSWERS[asks.code].find(({ again }) => again);
  const over = asks && ANSWERS[asks.code].find(({ again }) => !again);
  if (!asks || !done) return null;
  const overWords = (answer: string) => withinSentence(answerWords({ check: asks.code, answer }));
  const tick = async (answer: string) => {
    const body = {
      ...asks,
      id,
      colonyId: colony.id,
      at: thisMinute(),
      answer,
      queenlessColonyId: null,
      note: '',
    };
    if ((await say('answer', body, `${order}. ${answerWords({ check: asks.code, answer })}`)) !== 'refused')
      setTicked(true);
  };
  return (
    <>
      <IssueList issues={issues} />
      <Button
        kind="quiet"
        className="min-h-11 text-sm wide:min-h-0"
        aria-label={`${order}, ${colony.name}: done today`}
        disabled={isSaying || isTicked}
        onClick={() => void tick(done.code)}
      >
        {isTicked ? 'done today' : 'tick as done today'}
      </Button>
      {over && !isTicked && (
        <Button
          kind="quiet"
          className="ml-4 min-h-11 text-sm wide:min-h-0"
          aria-label={`${order}, ${colony.name}: ${overWords(over.code)}`}
          disabled={isSaying}
          onClick={() => void tick(over.code)}
        >
          {overWords(over.code)}
        </Button>
      )}
    </>
  );
}
