import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';

const HALF_A_YEAR = 183;
const A_YEAR_AND_A_HALF = 548;

/** How old a queen is: 1 raised this year, 2 one winter old, 3 two winters or more; null: nobody noted when she emerged. */
export function queenYear(emerged: DayRange | null, today: Day): 1 | 2 | 3 | null {
  if (!emerged) return null;
  const days = today - emerged.from;
  return days < HALF_A_YEAR ? 1 : days < A_YEAR_AND_A_HALF ? 2 : 3;
}
