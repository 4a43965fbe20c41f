'use client';

import { atPlace, type MonthDay, placeInYear } from '../../core/year/month-day';
import { monthName } from '../../words/days';
import { FIELD } from '../controls/styles';

interface Props {
  readonly name: string;
  /** Undefined: not noted. */
  readonly value: MonthDay | undefined;
  readonly onChange: (value: MonthDay | undefined) => void;
  /** It may be left open. */
  readonly isOptional?: boolean;
  readonly isWrong?: boolean;
}

const MONTHS = Array.from({ length: 12 }, (_, i) => i + 1);
const two = (n: number) => String(n).padStart(2, '0');

/** The last date that a month has in any year. */
function lastOf(month: number): number {
  const next = placeInYear(`${two((month % 12) + 1)}-01`);
  return Number(atPlace(next - 1).slice(3));
}

/** A day that comes every year, by its month and date. */
export function MonthDayField({ name, value, onChange, isOptional = false, isWrong = false }: Props) {
  const [month, date] = value === undefined ? [0, 1] : (value.split('-').map(Number) as [number, number]);
  const put = (m: number, d: number) => onChange(m === 0 ? undefined : `${two(m)}-${two(Math.min(d, lastOf(m)))}`);
  return (
    <fieldset className="flex gap-1.5" aria-label={name}>
      <select
        aria-label={`${name}, date`}
        aria-invalid={isWrong}
        className={`${FIELD} w-20!`}
        value={month === 0 ? '' : date}
        disabled={month === 0}
        onChange={({ target }) => put(month, Number(target.value))}
      >
        {month === 0 && <option value="">–</option>}
        {Array.from({ length: month === 0 ? 0 : lastOf(month) }, (_, i) => i + 1).map((one) => (
          <option key={one} value={one}>
            {one}
          </option>
        ))}
      </select>
      <select
        aria-label={`${name}, month`}
        aria-invalid={isWrong}
        className={`${FIELD} w-36!`}
        value={month}
        onChange={({ target }) => put(Number(target.value), date)}
      >
        {(isOptional || month === 0) && <option value={0}>not noted</option>}
        {MONTHS.map((one) => (
          <option key={one} value={one}>
            {monthName(one)}
          </option>
        ))}
      </select>
    </fieldset>
  );
}
