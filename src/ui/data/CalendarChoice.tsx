'use client';

import { useState } from 'react';
import type { CalendarShows } from '../../core/settings/settings';
import { Choice } from '../controls/Choice';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

/** What the calendar holds: each check on its best day, the planned rounds with their hours, or both. */
export function CalendarChoice({ shows }: { readonly shows: CalendarShows }) {
  const { issues, sendTo } = useSend();
  // What was tapped shows at once, and goes back where it was refused.
  const [chosen, setChosen] = useState(shows);
  const choose = async (calendarShows: CalendarShows) => {
    setChosen(calendarShows);
    if (!(await sendTo('/api/calendar', { calendarShows }, 'PUT'))) setChosen(shows);
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
    </>
  );
}
