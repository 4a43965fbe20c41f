'use client';

import { useState } from 'react';
import type { CalendarShows } from '../../core/settings/settings';
import { calendarPhrases } from '../../words/pages/calendar';
import { Choice } from '../controls/Choice';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

/** What the calendar holds: each check on its best day, the planned rounds with their hours, or both; and whether it reminds of rounds. */
export function CalendarChoice({ shows, reminds }: { readonly shows: CalendarShows; readonly reminds: boolean }) {
  const { issues, sendTo } = useSend();
  // What was tapped shows at once, and goes back where it was refused.
  const [chosen, setChosen] = useState(shows);
  const choose = async (calendarShows: CalendarShows) => {
    setChosen(calendarShows);
    if (!(await sendTo('/api/calendar', { calendarShows }, 'PUT'))) setChosen(shows);
  };
  const [isReminded, setReminded] = useState(reminds);
  const remind = async (calendarReminds: boolean) => {
    setReminded(calendarReminds);
    if (!(await sendTo('/api/calendar', { calendarReminds }, 'PUT'))) setReminded(reminds);
  };
  return (
    <>
      <IssueList issues={issues} />
      <Choice<CalendarShows>
        legend="What it holds"
        options={[
          { value: 'checks', name: 'each check', hint: 'on its best day' },
          { value: 'rounds', name: 'the rounds', hint: 'with their hours; checks only where they are on none' },
          { value: 'both', name: 'both' },
        ]}
        value={chosen}
        onChange={(calendarShows) => void choose(calendarShows)}
      />
      {chosen !== 'checks' && (
        <label className="mt-2 flex items-start gap-3 py-2">
          <input
            type="checkbox"
            checked={isReminded}
            onChange={(event) => void remind(event.target.checked)}
            className="size-6 shrink-0 accent-ink"
          />
          <span>
            Remind me of a round
            <span className="text-muted block text-sm">{calendarPhrases.whenReminded}</span>
          </span>
        </label>
      )}
    </>
  );
}
