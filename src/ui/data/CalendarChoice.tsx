'use client';

import type { CalendarShows } from '../../core/settings/settings';
import { Choice } from '../controls/Choice';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';

/** What the calendar holds: each check on its best day, the planned rounds with their hours, or both. */
export function CalendarChoice({ shows }: { readonly shows: CalendarShows }) {
  const { issues, sendTo } = useSend();
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
        value={shows}
        onChange={(calendarShows) => void sendTo('/api/calendar', { calendarShows }, 'PUT')}
      />
    </>
  );
}
