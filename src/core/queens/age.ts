import { type Day, day, yearOf } from '../calendar/day';
import type { DayRange } from '../calendar/window';

const HALF_A_YEAR = 183;
const A_YEAR_AND_A_HALF = 548;

/** How old a queen is: 1 raised this year, 2 one winter old, 3 two winters or more; null: nobody noted when she emerged. */
export function queenYear(emerged: DayRange | null, today: Day): 1 | 2 | 3 | null {
  if (!emerged) return null;
  const days = today - emerged.from;
  return days < HALF_A_YEAR ? 1 : days < A_YEAR_AND_A_HALF ? 2 : 3;
}

/** When a queen emerged as it was noted, `YYYY-MM-DD`: between two days, or on the one that is known. */
export interface EmergedNoted {
  readonly emergedFrom: string | null;
  readonly emergedTo: string | null;
}

/** Between which days she emerged; where only one of them was noted, on that. Null: nobody noted it. */
export function emergedOf({ emergedFrom, emergedTo }: EmergedNoted): DayRange | null {
  const [from, to] = [emergedFrom ?? emergedTo, emergedTo ?? emergedFrom];
  return from !== null && to !== null ? { from: day(from), to: day(to) } : null;
}

/** The year by which she is marked: that of the last day on which she may have emerged. Null: not known. */
export function emergedInYear(noted: EmergedNoted): number | null {
  const emerged = emergedOf(noted);
  return emerged && yearOf(emerged.to);
}
