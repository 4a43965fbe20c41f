import { figure } from '../biology/figure';

/** An hour in which a brood nest can be opened, and one that is enough for a brief look; rain rules out both. */
export const OPEN_HOUR = {
  leastC: figure('open-hour-from', 14, 'c-or-more', 'practice').value,
  windUnder: figure('open-hour-wind-under', 7, 'm-per-s', 'practice').value,
} as const;
export const BRIEF_HOUR = {
  leastC: figure('brief-hour-from', 12, 'c-or-more', 'practice').value,
  windUnder: figure('brief-hour-wind-under', 9, 'm-per-s', 'practice').value,
} as const;
/** An hour in which a virgin flies to mate. */
export const FLIGHT_HOUR = {
  leastC: figure('flight-hour-from', 18, 'c-or-more', 'practice').value,
  windUnder: figure('flight-hour-wind-under', 6, 'm-per-s', 'practice').value,
} as const;

/** Hours of the day at which the hours begin that count, first and last. */
export const WORKING_HOURS = { first: 9, last: 19 } as const;
export const FLIGHT_HOURS = { first: 12, last: 17 } as const;
/** A night is from 21:00 to 07:00: ten hours, three of them of its evening. */
export const NIGHT = { evening: 21, hours: 10 } as const;

/** Open hours running that make a day fit for the brood nest. */
export const OPEN_HOURS_RUNNING = figure('a-day-is-open-with-open-hours-running', 2, 'hours', 'practice').value;
/** Working hours that must be known before a day is called brief or shut. */
export const KNOWN_HOURS = figure('a-day-is-known-with-working-hours', 4, 'hours', 'caution').value;
/** Hours of a night that must be known before its low is. */
export const NIGHT_HOURS_KNOWN = figure('a-night-is-known-with-hours', 8, 'hours', 'caution').value;
export const NIGHTS_AHEAD = figure('nights-that-methods-ask-for', 5, 'nights', 'caution').value;
/** Flight hours that make an afternoon good. */
export const GOOD_AFTERNOON = figure('an-afternoon-is-good-with-flight-hours', 2, 'hours', 'practice').value;
/** Warm open hours of a day on which swarms leave, after so many days of confinement. */
export const SWARM_HOURS = figure('swarm-weather-open-hours-at-flight-warmth', 3, 'hours', 'practice').value;
export const CONFINED_DAYS = figure('swarm-weather-after-confined', 2, 'days', 'practice').value;
