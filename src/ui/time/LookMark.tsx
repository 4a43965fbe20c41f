import type { Day } from '../../core/calendar/day';
import { type Axis, insetOf, leftOf, rightOf } from './axis';

interface Props {
  readonly axis: Axis;
  readonly on: Day;
  readonly y: number;
  /** What it says to who points at it. */
  readonly words: string;
}

/** An inspection that was made: an open ring. */
export function LookMark({ axis, on, y, words }: Props) {
  const at = (leftOf(axis, on) + rightOf(axis, on)) / 2;
  if (at < 0 || at > 100) return null;
  return <b className="look" style={{ inset: insetOf(at, at, y + 2) }} title={words} />;
}
