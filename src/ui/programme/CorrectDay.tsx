'use client';

import { useState } from 'react';
import { Button } from '../controls/Button';
import { DaySpan } from '../controls/DaySpan';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

interface Props {
  readonly programmeId: string;
  readonly on: string;
  readonly to: string | null;
  readonly note: string;
  readonly today: string;
}

/** The day on which it was done was entered wrong: all dates follow the right one. */
export function CorrectDay({ programmeId, on, to, note, today }: Props) {
  const [days, setDays] = useState({ on, to: to ?? '' });
  const { issues, isSending, sendTo } = useSend();
  const save = () =>
    sendTo(
      `/api/programmes/${programmeId}`,
      { on: days.on, to: days.to === '' || days.to === days.on ? null : days.to, note },
      'PUT',
    );
  return (
    <details className="mt-4 max-w-md text-sm">
      <summary className="cursor-pointer py-2 font-bold underline">It was done on another day</summary>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <IssueList issues={issues} />
        <DaySpan
          name="Day it was done"
          {...days}
          latest={today}
          issues={issues}
          onChange={(changed) => setDays({ ...days, ...changed })}
        />
        <Button type="submit" kind="plain" className="mt-3" disabled={isSending}>
          Correct the day
        </Button>
      </form>
    </details>
  );
}
