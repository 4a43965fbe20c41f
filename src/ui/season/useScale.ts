'use client';

import { type RefObject, useCallback, useEffect, useRef } from 'react';
import type { Day } from '../../core/calendar/day';
import { around, type Bounds, DAY_PX, pan, type Scale, scaled, within, zoom } from './scale';

/** From this width of a day on there is room for its number. */
const NUMBERED_PX = 15;

/**
 * Moves and scales the season by two custom properties of its sheet alone: nothing is drawn anew by script, however many
 * colonies there are.
 *
 * @param sheet the element that the strips stand in; `strip` one of the strips, for its width
 */
export function useScale(
  sheet: RefObject<HTMLElement | null>,
  strip: RefObject<HTMLElement | null>,
  range: { readonly first: Day; readonly last: Day; readonly today: Day },
) {
  const { first, last, today } = range;
  const scale = useRef<Scale>({ first, dayPx: DAY_PX.usual });

  const bounds = useCallback(
    (): Bounds => ({ first, last, widthPx: strip.current?.clientWidth ?? 0 }),
    [first, last, strip],
  );
  const apply = useCallback(
    (next: Scale) => {
      scale.current = next;
      const drawn = sheet.current;
      if (!drawn) return;
      drawn.style.setProperty('--first', String(next.first));
      drawn.style.setProperty('--day', `${next.dayPx}px`);
      drawn.dataset.numbered = String(next.dayPx >= NUMBERED_PX);
    },
    [sheet],
  );

  useEffect(() => {
    apply(around(today, DAY_PX.usual, bounds()));
    const fit = () => apply(within(scale.current, bounds()));
    window.addEventListener('resize', fit);
    return () => window.removeEventListener('resize', fit);
  }, [apply, bounds, today]);

  /** How many days a distance is, to the nearest. */
  const daysOf = useCallback((px: number) => Math.round(px / scale.current.dayPx), []);

  return {
    pan: (days: number) => apply(pan(scale.current, days, bounds())),
    panPx: (px: number) => apply(pan(scale.current, px / scale.current.dayPx, bounds())),
    zoom: (steps: number, atPx = bounds().widthPx / 2) => apply(zoom(scale.current, steps, atPx, bounds())),
    scaleBy: (factor: number, atPx: number) => apply(scaled(scale.current, factor, atPx, bounds())),
    toToday: () => apply(around(today, DAY_PX.usual, bounds())),
    daysOf,
  };
}
