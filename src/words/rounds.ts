import type { Day } from '../core/calendar/day';
import { clockText } from '../core/calendar/minute';
import type { RoundsPlan, WhyLate } from '../core/rounds/plan-rounds';
import type { WhyMoved } from '../core/rounds/what-moved';
import type { VisitKind } from '../core/rounds/work';
import type { Span } from '../core/settings/free-time';
import { dayWords, weekdayWords } from './days';
import { measured } from './measures';

/** What is done at a hive, as far as it tells how long it takes. */
export const VISIT_WORDS: { readonly [K in VisitKind]: string } = {
  look: 'Inspection',
  'tip-up': 'Tipping a box up',
  'first-look': 'First inspection',
  'thin-cells': 'Thinning cells',
  'which-half': 'Finding the queenless half',
  eggs: 'Looking for eggs',
  laying: 'Seeing whether she lays, or a nuc has settled',
  'cells-above': 'Searching the top box for cells',
  supers: 'Looking at the supers',
  doors: 'Switching the entrances',
  'test-frame': 'Checking a test frame',
  released: 'Seeing whether a caged queen is out',
  'make-room': 'Making room, or moving a hive',
  method: 'Carrying out a method',
};

/** `1 h 35 min`, `40 min`. */
export function durationWords(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  return [hours > 0 ? `${hours} h` : null, rest > 0 || hours === 0 ? `${rest} min` : null].filter(Boolean).join(' ');
}

/** Nobody goes to the minute. */
const TOLD_IN_MIN = 5;

/** `14:00`, in steps of five minutes. */
export const beginWords = ({ from }: Pick<Span, 'from'>): string =>
  clockText(Math.floor(from / TOLD_IN_MIN) * TOLD_IN_MIN);

/** `14:00 to 15:40`, in steps of five minutes, the end not before it is. */
export function spanWords({ from, to }: Span): string {
  const begin = beginWords({ from });
  return from === to ? `from ${begin}` : `${begin} to ${clockText(Math.ceil(to / TOLD_IN_MIN) * TOLD_IN_MIN)}`;
}

/** `today`, `tomorrow`, `Fri 21 May`. */
export const dayTold = (on: Day, today: Day): string =>
  on === today ? 'today' : on === today + 1 ? 'tomorrow' : weekdayWords(on);

/** Why something is not done by a day. */
export const unmetWords = (why: WhyLate, by: Day, hasRuledOut: boolean): string =>
  ({
    'outside-days': `The last day for it, ${weekdayWords(by)}, is over.`,
    'no-fit-day': hasRuledOut
      ? `Without the days that you ruled out, no day by ${weekdayWords(by)} is fit for it.`
      : `No day by ${weekdayWords(by)} is fit for it in the hours that you have.`,
    'no-free-day': `By ${weekdayWords(by)} you have no time for it, with the way there.`,
    'not-enough-hours': `Your hours by ${weekdayWords(by)} are not enough for all that is due.`,
  })[why];

const WHY_MOVED: { readonly [W in WhyMoved]: string } = {
  'day-over': 'that day is over',
  'other-days': 'it has other days now',
  weather: 'for the weather',
  time: 'for want of time',
  'ruled-out': 'you ruled that day out',
  earlier: 'it can be done earlier',
  elsewhere: 'its hive stands elsewhere now',
  'gave-way': 'it fits in better',
};

/** `Teasel, thin the cells: Fri 21 May instead of Wed 19 May, for the weather.` */
export const movedWords = (
  what: string,
  { from, to, why }: { readonly from: Day | null; readonly to: Day | null; readonly why: WhyMoved },
): string => {
  const now = to === null ? 'on no round any more' : weekdayWords(to);
  if (to === null && why === 'gave-way') return `${what}: ${now}.`;
  return from === null
    ? `${what}: ${now}, which was on no round.`
    : `${what}: ${now} instead of ${weekdayWords(from)}; ${WHY_MOVED[why]}.`;
};

/** What a plan takes for granted. */
export const ASSUMED = {
  noForecast: (on: Day | null) =>
    on === null
      ? 'No forecast is known: every day counts as fit for opening hives.'
      : `From ${dayWords(on)} on no forecast is known: those days count as fit.`,
  byHome: (one: string, other: string) =>
    `From ${one} to ${other} the way is reckoned by home: say in “When you are free” how long it takes straight.`,
  noSunset: 'Sunset is not reckoned with: say in “When you are free” how far north your hives stand.',
  notProven: ({ heavy, light }: RoundsPlan['gap']) =>
    `This is the best plan found in two seconds. ${
      heavy === null || light === null
        ? 'A better one may exist.'
        : heavy > 0
          ? `It may lose up to ${heavy} more than need be, where a hive that may swarm, seen to a day late, counts 300.`
          : light > 0
            ? `What cannot wait stands as well as it can; the rest may lose up to ${light} more than need be, where an inspection a week late counts 56.`
            : 'Nothing could be done sooner; there may be a shorter way.'
    }`,
} as const;

/** Two hives that belong together, but have no day in common. */
export const apartWords = (one: string, other: string): string =>
  `${one} and ${other} should be seen to on one day, but have none in common: go by the earlier`;

/** What two people are for. */
export const helpWords = (): string => measured('Never alone: boxes over {25 kg}, rooftop apiaries, ladders.');
