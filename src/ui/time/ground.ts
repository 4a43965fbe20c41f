import type { CSSProperties } from 'react';
import { type Axis, dayWidth, firstSaturday, isOn, leftOf, percent } from './axis';

const TINT = 'var(--color-tint)';
/** Half of the line of today. */
const HALF_LINE = '0.75px';

/**
 * The ground of a lane: weekends tinted, and the line of today, as one background. Drawn in shapes it would be a third of all that a page of
 * many hives consists of.
 */
export function groundOf(axis: Axis): { readonly backgroundImage: string } {
  const at = (days: number) => percent(days * dayWidth(axis));
  const from = firstSaturday(axis);
  const week =
    from < 6
      ? `transparent 0 ${at(from)}, ${TINT} ${at(from)} ${at(from + 2)}, transparent ${at(from + 2)} ${at(7)}`
      : `${TINT} 0 ${at(1)}, transparent ${at(1)} ${at(6)}, ${TINT} ${at(6)} ${at(7)}`;
  const weekends = `repeating-linear-gradient(to right, ${week})`;
  if (!isOn(axis, axis.today)) return { backgroundImage: weekends };
  const middle = percent(leftOf(axis, axis.today) + dayWidth(axis) / 2);
  const [start, end] = [`calc(${middle} - ${HALF_LINE})`, `calc(${middle} + ${HALF_LINE})`];
  const line = `transparent ${start}, var(--color-willow) ${start} ${end}, transparent ${end}`;
  return { backgroundImage: `linear-gradient(to right, ${line}), ${weekends}` };
}

/** The ground of all lanes in a list, said once: each is drawn with `isOnGround`. */
export const groundForAll = (axis: Axis) => ({ '--lane-ground': groundOf(axis).backgroundImage }) as CSSProperties;
