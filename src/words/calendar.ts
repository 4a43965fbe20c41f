/** What a calendar says that takes the feed in. */
export const CALENDAR_WORDS =
  'Checks on their best day, and hives to leave shut. Dates are estimates from what was entered.';
