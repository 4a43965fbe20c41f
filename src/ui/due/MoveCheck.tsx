'use client';

import { useId, useState } from 'react';
import { v7 as newId } from 'uuid';
import { formatDay, parseDay } from '../../core/calendar/day';
import type { CheckChange } from '../../core/facts/programme';
import { riskOfDay } from '../../core/schedule/check-changes';
import type { DueAt, DueView } from '../../views/due-view';
import { rangeWords, weekdayWords } from '../../words/days';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { FIELD } from '../controls/styles';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { useSay } from '../offline/useSay';
import { useInWords } from './useInWords';

/** What checks are mostly put off for. */
const REASONS = ['next warm day', 'no time', 'rain', 'somebody else inspects'];

/** Room that was given without moving frames on the board: it is asked for no more, until frames are surveyed again. */
const ROOM_GIVEN = 'room was given';

interface Props {
  readonly check: DueView;
  readonly at: DueAt;
  readonly minute: string;
  readonly onDone: () => void;
}

/** Puts a check on another day, with what that risks; or leaves it out, with a reason; or puts it back as it was. */
export function MoveCheck({ check, at, minute: shownAt, onDone }: Props) {
  const minute = useThisMinute(shownAt)();
  const { key, order, window, plannedFor } = check;
  const today = minute.slice(0, 10);
  const [to, setTo] = useState(formatDay(plannedFor ?? window.ideal));
  const [reason, setReason] = useState('');
  const reasons = useId();
  const dayId = useId();
  const { issues, isSaying, say } = useSay({ id: at.colonyId, name: at.colonyName });
  const day = parseDay(to);
  const risked = day && riskOfDay(check, at.leaveShut, day);
  const risks = useInWords(risked);
  const risk = day === null ? 'Choose a real date.' : risks;
  const change = async (kind: CheckChange['kind'], because = reason) => {
    const body = {
      id: newId(),
      colonyId: at.colonyId,
      key,
      at: minute,
      kind,
      to: kind === 'moved' ? to : null,
      reason: because,
    };
    const done = {
      moved: `Put on ${day === null ? to : weekdayWords(day)}`,
      skipped: 'Skipped',
      'as-it-was': 'Back to the best day',
    }[kind];
    const said = `${order}. ${done}${because ? ` (${because})` : ''}`;
    if ((await say('check-change', body, said)) !== 'refused') onDone();
  };
  return (
    <fieldset className="mt-1 border-l-4 border-line pl-3" disabled={isSaying}>
      <legend className="sr-only">Another day</legend>
      <IssueList issues={issues} />
      <p className="text-sm">Good days: {rangeWords({ from: window.earliest, to: window.latest })}.</p>
      <div className="mt-1 grid gap-2 text-sm sm:grid-cols-2">
        <div>
          <label htmlFor={dayId}>Do it on</label>
          <DayField id={dayId} min={today} value={to} onChange={(value) => setTo(value)} />
        </div>
        <label>
          Reason
          <input className={FIELD} list={reasons} value={reason} onChange={(event) => setReason(event.target.value)} />
          <datalist id={reasons}>
            {REASONS.map((value) => (
              <option key={value} value={value} />
            ))}
          </datalist>
        </label>
      </div>
      <p aria-live="polite" className="text-propolis mt-1 min-h-5 text-sm font-semibold">
        {risk}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        <Button kind="plain" disabled={day === null} onClick={() => void change('moved')}>
          {risk === null ? 'Move it' : 'Move it anyway'}
        </Button>
        {check.code === 'make-room' && (
          <Button kind="plain" onClick={() => void change('skipped', ROOM_GIVEN)}>
            Room was given
          </Button>
        )}
        <Button kind="danger" onClick={() => void change('skipped')}>
          Skip this check
        </Button>
        {plannedFor !== null && (
          <Button kind="plain" onClick={() => void change('as-it-was')}>
            Back to the best day
          </Button>
        )}
      </div>
    </fieldset>
  );
}
