import { type Day, day, monthAndDate, yearOf } from '../calendar/day';
import type { Hemisphere } from '../settings/settings';

/** The four parts of the year that set how often to look. */
export const SEASON_PARTS = ['build-up', 'swarm-season', 'after-season', 'rest'] as const;
export type SeasonPart = (typeof SEASON_PARTS)[number];

/** First months of the parts in the north. In the south everything is six months later. */
const FIRST_MONTHS: readonly (readonly [month: number, part: SeasonPart])[] = [
  [3, 'build-up'],
  [4, 'swarm-season'],
  [8, 'after-season'],
  [11, 'rest'],
];

const MONTHS = 12;
const northernMonth = (month: number, hemisphere: Hemisphere) =>
  hemisphere === 'north' ? month : ((month + 5) % MONTHS) + 1;

/**
 * Which part of the beekeeping year a day lies in: build-up in March, swarm season from April to July, after it until
 * October, rest from November to February; six months later in the south.
 */
export function seasonPart(on: Day, hemisphere: Hemisphere): SeasonPart {
  const month = northernMonth(monthAndDate(on).month, hemisphere);
  return FIRST_MONTHS.findLast(([first]) => month >= first)?.[1] ?? 'rest';
}

/** The first day of the build-up that follows; `on` itself when it lies in another part than the rest. */
export function endOfRest(on: Day, hemisphere: Hemisphere): Day {
  if (seasonPart(on, hemisphere) !== 'rest') return on;
  const firstMonth = hemisphere === 'north' ? '03' : '09';
  const thisYear = day(`${yearOf(on)}-${firstMonth}-01`);
  return thisYear >= on ? thisYear : day(`${yearOf(on) + 1}-${firstMonth}-01`);
}
