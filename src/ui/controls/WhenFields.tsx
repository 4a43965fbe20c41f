'use client';

import { useId } from 'react';
import { clockText } from '../../core/calendar/minute';
import { readTime } from '../../words/read-time';
import { DayField } from './DayField';
import { TimeField } from './TimeField';

interface Props {
  /** `YYYY-MM-DDTHH:mm` */
  readonly at: string;
  /** The last day that can be given, `YYYY-MM-DD`. */
  readonly latestDay: string;
  readonly onChange: (at: string) => void;
  /** The last day on which it may have been, `YYYY-MM-DD`; null: the day is certain; left out where it always is. */
  readonly to?: string | null;
  readonly onTo?: (to: string | null) => void;
  /** The minute at which it was over; null: not noted; left out where it is not asked for. */
  readonly until?: string | null;
  readonly onUntil?: (until: string | null) => void;
}

const minutesAt = (clock: string): number | null => (clock === '' ? null : readTime(clock));
/** What is no time is handed on as one that is missing, so that it is asked for before anything is saved. */
const clockOf = (minutes: number | null): string =>
  minutes === null || Number.isNaN(minutes) ? '' : clockText(minutes);

/** The day and the time of an entry. */
export function WhenFields({ at, to = null, latestDay, onChange, onTo, until = null, onUntil }: Props) {
  const id = useId();
  const [day, time] = [at.slice(0, at.indexOf('T')), at.slice(at.indexOf('T') + 1)];
  return (
    <>
      <div>
        <label htmlFor={`${id}-day`} className="font-display text-lg font-bold">
          Day
        </label>
        <DayField
          id={`${id}-day`}
          hasChips
          value={day}
          max={latestDay}
          onChange={(value) => onChange(`${value}T${time}`)}
        />
      </div>
      <label htmlFor={`${id}-time`}>
        <span className="font-display text-lg font-bold">Time</span>
        <TimeField
          id={`${id}-time`}
          value={minutesAt(time)}
          onChange={(minutes) => onChange(`${day}T${clockOf(minutes)}`)}
        />
      </label>
      {onUntil && (
        <label className="col-start-2" htmlFor={`${id}-until`}>
          <span className="font-display text-lg font-bold">Hive shut again at</span>
          <TimeField
            id={`${id}-until`}
            value={minutesAt(until?.slice(until.indexOf('T') + 1) ?? '')}
            onChange={(minutes) => onUntil(minutes === null ? null : `${day}T${clockOf(minutes)}`)}
          />
        </label>
      )}
      {onTo && (
        <details className="col-span-2" open={to !== null}>
          <summary className="cursor-pointer py-2 font-bold underline">Not sure which day</summary>
          <label htmlFor={`${id}-to`} className="font-display text-lg font-bold">
            It may have been as late as
          </label>
          <DayField
            id={`${id}-to`}
            since={day}
            value={to ?? ''}
            min={day}
            max={latestDay}
            onChange={(value) => onTo(value === '' || value === day ? null : value)}
          />
        </details>
      )}
    </>
  );
}
