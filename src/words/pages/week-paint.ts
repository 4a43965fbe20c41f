import { clockText } from '../../core/calendar/minute';

/** The week on which free hours are painted. */
export const weekPaintPhrases = {
  name: 'Hours of the week. Arrows move, the space bar changes one.',
  none: 'no time',
  square: (weekday: string, { from, to }: { readonly from: number; readonly to: number }) =>
    `${weekday} ${clockText(from)} to ${clockText(to)}`,
};
