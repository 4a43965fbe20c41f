import { addDays, type Day } from './day';

/** What comes every year comes within so many days: no walk over days goes farther, whatever it looks for. */
export const A_YEAR = 366;

/**
 * The nearest day of which something is so, `from` itself among them, walking on (1) or back (-1); null: it is so of none within `most`
 * days. What may never be so ends the walk all the same.
 */
export function nearestDay(from: Day, step: 1 | -1, isSo: (on: Day) => boolean, most: number = A_YEAR): Day | null {
  for (let by = 0; by <= most; by++) {
    const on = addDays(from, by * step);
    if (isSo(on)) return on;
  }
  return null;
}
