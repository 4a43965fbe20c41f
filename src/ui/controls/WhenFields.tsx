'use client';

import { FIELD } from './styles';

interface Props {
  /** `YYYY-MM-DDTHH:mm` */
  readonly at: string;
  /** The last day that can be given, `YYYY-MM-DD`. */
  readonly latestDay: string;
  readonly onChange: (at: string) => void;
}

/** The day and the time of an entry. */
export function WhenFields({ at, latestDay, onChange }: Props) {
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
    </>
  );
}
