'use client';

import type { ReactNode } from 'react';
import { monthName } from '../../words/days';

interface Props {
  readonly legend: ReactNode;
  readonly hint: string;
  /** Months of the year, 1 to 12. */
  readonly value: readonly number[];
  readonly onChange: (months: readonly number[]) => void;
  readonly problem: string | null;
}

const MONTHS = Array.from({ length: 12 }, (_, i) => i + 1);

/** Months of the year, tapped one by one. */
export function MonthsChoice({ legend, hint, value, onChange, problem }: Props) {
  return (
    <fieldset className="mt-4">
      <legend>
        <h2 className="text-lg">{legend}</h2>
      </legend>
      <p className="text-muted mb-1.5 text-sm">{hint}</p>
      <div className="grid grid-cols-4 gap-1.5 sm:grid-cols-6">
        {MONTHS.map((month) => (
          <label
            key={month}
            className="flex min-h-11 cursor-pointer items-center justify-center border-2 border-ink bg-paper font-bold has-checked:bg-ink has-checked:text-white has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-indigo"
          >
            <input
              type="checkbox"
              className="sr-only"
              checked={value.includes(month)}
              onChange={({ target: { checked } }) =>
                onChange(MONTHS.filter((one) => (one === month ? checked : value.includes(one))))
              }
            />
            {monthName(month)}
          </label>
        ))}
      </div>
      {problem && (
        <p role="alert" className="text-propolis mt-1 font-bold">
          {problem}
        </p>
      )}
    </fieldset>
  );
}
