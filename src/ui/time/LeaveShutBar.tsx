import type { Day } from '../../core/calendar/day';
import { dayWords } from '../../words/days';
import { type Axis, insetOf, leftOf, rightOf } from './axis';

/** So much of the strip holds the words. */
const WORDS_FIT = 24;

interface Props {
  readonly axis: Axis;
  readonly from: Day;
  readonly to: Day;
  readonly y: number;
  /** What it says to who points at it. */
  readonly words: string;
}

/** The days on which a hive is not to be opened: always hatched. */
export function LeaveShutBar({ axis, from, to, y, words }: Props) {
  const [start, end] = [Math.max(0, leftOf(axis, from)), Math.min(100, rightOf(axis, to))];
  if (start >= end) return null;
  const style = { inset: insetOf(start, end, y) };
  const last = `last day ${dayWords(to)}`;
  return end - start > WORDS_FIT ? (
    <b className="shut" style={style} title={words} data-wide={`leave shut, ${last}`} data-narrow={last} />
  ) : (
    <b className="shut" style={style} title={words} />
  );
}
