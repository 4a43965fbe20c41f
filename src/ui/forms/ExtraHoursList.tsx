'use client';

import type { ExtraHours } from '../../core/settings/free-time';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { FieldProblem } from '../controls/Field';
import { Hours, NEW_SPAN } from './Hours';

interface Props {
  readonly hours: readonly ExtraHours[];
  /** `YYYY-MM-DD` */
  readonly today: string;
  readonly problem: string | null;
  readonly onChange: (hours: readonly ExtraHours[]) => void;
}

/** Hours on one day, beside those of its weekday. */
export function ExtraHoursList({ hours, today, problem, onChange }: Props) {
  const change = (i: number, fields: Partial<ExtraHours>) =>
    onChange(hours.map((one, at) => (at === i ? { ...one, ...fields } : one)));
  return (
    <>
      <h2 className="mt-6 text-xl">Extra hours on a day</h2>
      <ul className="grid gap-3">
        {hours.map((one, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows have no name of their own, and are never re-ordered
          <li key={i} className="flex flex-wrap items-end gap-2 border-b border-line pb-2">
            <DayField aria-label="Day of the extra hours" value={one.on} onChange={(on) => change(i, { on })} />
            <Hours name="Extra hours" span={one} onChange={(span) => change(i, span)} />
            <Button
              kind="quiet"
              className="min-h-11 text-left"
              onClick={() => onChange(hours.filter((_, at) => at !== i))}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      <FieldProblem text={problem} />
      <Button kind="plain" className="mt-2" onClick={() => onChange([...hours, { on: today, ...NEW_SPAN }])}>
        Add hours
      </Button>
    </>
  );
}
