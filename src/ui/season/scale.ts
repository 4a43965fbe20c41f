import type { Day } from '../../core/calendar/day';

/** What part of the season is in sight: the day at the left edge, which may be a fraction, and how wide a day is. */
export interface Scale {
  readonly first: number;
  readonly dayPx: number;
}

export const DAY_PX = { least: 3, most: 48, usual: 14 } as const;
const ZOOM_STEP = 1.25;

export interface Bounds {
  readonly first: Day;
  readonly last: Day;
  /** Of the strip of time. */
  readonly widthPx: number;
}

/** Neither smaller than shows the whole season nor so far off that nothing is seen. */
export function within({ first, dayPx }: Scale, bounds: Bounds): Scale {
  const px = Math.min(DAY_PX.most, Math.max(DAY_PX.least, dayPx));
  const shown = bounds.widthPx / px;
  const most = Math.max(bounds.first, bounds.last + 1 - shown);
  return { first: Math.min(most, Math.max(bounds.first, first)), dayPx: px };
}

export function pan(scale: Scale, days: number, bounds: Bounds): Scale {
  return within({ ...scale, first: scale.first + days }, bounds);
}

/** Nearer (`steps` above 0) or further; the day at `atPx` stays where it is. */
export const zoom = (scale: Scale, steps: number, atPx: number, bounds: Bounds): Scale =>
  scaled(scale, ZOOM_STEP ** steps, atPx, bounds);

/** So many times as wide; the day at `atPx` stays where it is. */
export function scaled(scale: Scale, factor: number, atPx: number, bounds: Bounds): Scale {
  const dayPx = Math.min(DAY_PX.most, Math.max(DAY_PX.least, scale.dayPx * factor));
  const held = scale.first + atPx / scale.dayPx;
  return within({ first: held - atPx / dayPx, dayPx }, bounds);
}

/** The scale that has a day a third of the way in. */
export function around(day: Day, dayPx: number, bounds: Bounds): Scale {
  return within({ first: day - bounds.widthPx / dayPx / 3, dayPx }, bounds);
}

/** What is left of the speed of a sheet that was let go, after a millisecond. */
const LEFT_A_MS = 0.995;

/** How far a sheet that was let go moves in so many milliseconds, and how fast it still is. */
export function flingStep(pxAMs: number, ms: number): { readonly px: number; readonly pxAMs: number } {
  const left = pxAMs * LEFT_A_MS ** ms;
  return { px: ((pxAMs + left) / 2) * ms, pxAMs: left };
}

/** Too slow to be seen. */
export const isStill = (pxAMs: number): boolean => Math.abs(pxAMs) < 0.02;
