import type { CSSProperties } from 'react';
import type { Day } from '../../core/calendar/day';

/** Puts a mark under its days: where it is on the screen is left to the style sheet. `to` is inclusive. */
export function spanStyle(origin: Day, from: Day, to: Day): CSSProperties {
  return { '--at': from - origin, '--days': to - from + 1 } as CSSProperties;
}
