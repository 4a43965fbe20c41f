'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { day } from '../../core/calendar/day';
import type { StandStepSaid } from '../../core/facts/yard';
import type { YardStep } from '../../views/yard-notes';
import { dayWords } from '../../words/days';
import { listWords } from '../../words/list';
import { Button } from '../controls/Button';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { useSay } from '../offline/useSay';

interface Props {
  readonly step: YardStep;
  /** The minute that the page was made for. */
  readonly minute: string;
  /** It can be left where it stands, and its last step taken back. */
  readonly isWhole?: boolean;
}

/** A hive that is moved by steps: today's is ticked off here; kept on the device when there is no signal. */
export function YardStepLine({ step, minute: shownAt, isWhole = false }: Props) {
  const { moveId, colonyId, name, words, why, isDoneToday, movedOn } = step;
  const thisMinute = useThisMinute(shownAt);
  const { issues, isSaying, say } = useSay({ id: colonyId, name });
  const [ticked, setTicked] = useState<string | null>(null);
  const tell = (kind: StandStepSaid['kind'], on: string, told: string) =>
    say('stand-move', { kind, id: newId(), moveId, at: thisMinute(), on }, told);
  const today = () => thisMinute().slice(0, 10);
  const tick = async () => {
    const on = today();
    if ((await tell('moved', on, `${words}. Done.`)) !== 'refused') setTicked(on);
  };
  const isTicked = isDoneToday || ticked === today();
  const last = movedOn.at(-1);
  return (
    <div className="max-w-prose text-sm leading-5">
      <b>{words}.</b> {why}
      <IssueList issues={issues} />
      <p className="flex flex-wrap items-center gap-x-4">
        <Button
          kind="quiet"
          className="min-h-11 text-sm wide:min-h-0"
          aria-label={`${words}: done today`}
          disabled={isSaying || isTicked}
          onClick={() => void tick()}
        >
          {isTicked ? 'done today' : 'tick as done today'}
        </Button>
        {isWhole && last && (
          <Button
            kind="quiet"
            className="min-h-11 text-sm wide:min-h-0"
            disabled={isSaying}
            onClick={() => {
              setTicked(null);
              void tell('not-moved', last, `${name} was not moved on ${dayWords(day(last))}.`);
            }}
          >
            {`not moved on ${dayWords(day(last))} after all`}
          </Button>
        )}
        {isWhole && (
          <Button
            kind="quiet"
            className="min-h-11 text-sm wide:min-h-0"
            disabled={isSaying}
            onClick={() => void tell('left', today(), `${name} is left where it stands.`)}
          >
            leave it where it stands now
          </Button>
        )}
      </p>
      {isWhole && movedOn.length > 0 && (
        <p className="text-muted">{`Moved on ${listWords(movedOn.map((on) => dayWords(day(on))))}.`}</p>
      )}
    </div>
  );
}
