import { day } from '../core/calendar/day';

/** The demo has a file of its own and a clock that can be stepped. */
export function isDemo(): boolean {
  return process.env.UBBET_DEMO === '1';
}

export const DEMO_DAY_COOKIE = 'ubbet-demo-day';

/** A Sunday in mid-May, when there is most to do. */
export const FIRST_DEMO_DAY = day('2027-05-16');
