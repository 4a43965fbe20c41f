import { minutesOf } from '../calendar/minute';
import { VISIT_MARGIN_MIN } from './scale-figures';
import type { Change, ScaleVisit } from './scale-of';

/** Visits that cannot be told apart on the scale, as one. */
export interface VisitSpan {
  /** The earliest `from` of them. */
  readonly from: string;
  /** What they changed, in hundredths of a kilogram. */
  readonly by: number;
  /** Which changes are theirs. */
  readonly changes: readonly number[];
}

/**
 * What each visit changed. A change is a visit's when it shares more than a point in time with it and a quarter of an hour to either side;
 * visits that share a change, or whose times overlap so, are one.
 */
export function visitsOf(visits: readonly ScaleVisit[], changes: readonly Change[]): readonly VisitSpan[] {
  const spans = visits
    .map(({ from, to }) => ({
      from,
      begins: minutesOf(from) - VISIT_MARGIN_MIN,
      ends: minutesOf(to) + VISIT_MARGIN_MIN,
    }))
    .sort((a, b) => a.begins - b.begins || a.ends - b.ends);
  const found: { from: string; ends: number; first: number; last: number }[] = [];
  for (const { from, begins, ends } of spans) {
    const [first, last] = [firstEndingAfter(changes, begins), firstBeginningFrom(changes, ends) - 1];
    const group = found.at(-1);
    const sharesChange = group !== undefined && first <= last && first <= group.last;
    if (group && (begins < group.ends || sharesChange)) {
      group.ends = Math.max(group.ends, ends);
      group.last = Math.max(group.last, last);
      group.first = Math.min(group.first, first);
    } else found.push({ from, ends, first, last });
  }
  return found.map(({ from, first, last }) => {
    const own = Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i);
    return { from, by: own.reduce((sum, i) => sum + (changes[i]?.by ?? 0), 0), changes: own };
  });
}

/** The first change that ends later than a minute; as many as there are where none does. */
const firstEndingAfter = (changes: readonly Change[], minute: number) => firstWith(changes, ({ to }) => to > minute);
/** The first change that does not begin before a minute. */
const firstBeginningFrom = (changes: readonly Change[], minute: number) =>
  firstWith(changes, ({ from }) => from >= minute);

/** By halving: once it holds for a change it holds for all later ones. */
function firstWith(changes: readonly Change[], holds: (change: Change) => boolean): number {
  let [low, high] = [0, changes.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (holds(changes[middle] as Change)) high = middle;
    else low = middle + 1;
  }
  return low;
}
