'use client';

import { FIELD } from './styles';

interface Props {
  /** `YYYY-MM-DDTHH:mm` */
  readonly at: string;
  /** The last day that can be given, `YYYY-MM-DD`. */
  readonly latestDay: string;
  readonly onChange: (at: string) => void;
  /** The last day on which it may have been, `YYYY-MM-DD`; null: the day is certain; left out where it always is. */
  readonly to?: string | null;
  readonly onTo?: (to: string | null) => void;
}

/** The day and the time of an entry. */
export function WhenFields({ at, to = null, latestDay, onChange, onTo }: Props) {
  const [day, time] = [at.slice(0, 10), at.slice(11)];
  return (
    <>
      <label>
        <span className="font-display text-lg font-bold">Day</span>
        <input
          type="date"
          className={FIELD}
          value={day}
          max={latestDay}
          onChange={({ target: { value } }) => onChange(`${value}T${time}`)}
        />
      </label>
      <label>
        <span className="font-display text-lg font-bold">Time</span>
        <input
          type="time"
          className={FIELD}
          value={time}
          onChange={({ target: { value } }) => onChange(`${day}T${value}`)}
        />
      </label>
      {onTo && (
        <details className="col-span-2" open={to !== null}>
          <summary className="cursor-pointer py-2 font-bold underline">Not sure which day</summary>
          <label>
            <span className="font-display text-lg font-bold">It may have been as late as</span>
            <input
              type="date"
              className={FIELD}
              value={to ?? ''}
              min={day}
              max={latestDay}
              onChange={({ target: { value } }) => onTo(value === '' || value === day ? null : value)}
            />
          </label>
        </details>
      )}
    </>
  );
}
