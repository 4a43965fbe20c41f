import type { Day } from '../../core/calendar/day';
import { type Axis, leftOf, percent, rightOf } from './axis';

/** An inspection that was made: an open ring. */
export function LookMark({ axis, on, y }: { axis: Axis; on: Day; y: number }) {
  const at = (leftOf(axis, on) + rightOf(axis, on)) / 2;
  if (at < 0 || at > 100) return null;
  return (
    <circle cx={percent(at)} cy={y + 9} r="6" fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="2" />
  );
}
