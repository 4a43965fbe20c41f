import type { SignSeen, YearSign } from '../core/looking-back/seen-years';
import type { YearSpanKind, YearStart } from '../core/year/apiary-year';
import type { MonthDay } from '../core/year/month-day';
import { monthName } from './days';

/** The parts of an apiary's year, as they stand on a band. */
export const YEAR_BAND_NAMES = {
  'build-up': 'build-up',
  'swarm-season': 'swarm season',
  'after-season': 'after the season',
  dearth: 'dearth',
  'autumn-flow': 'autumn flow',
} as const;

/** What of a year is entered, with what it is good for. */
export const YEAR_START_WORDS: { readonly [S in YearStart]: { readonly name: string; readonly hint: string } } = {
  'build-up': { name: 'Build-up from', hint: 'From then on colonies grow, and are inspected every two weeks.' },
  drones: { name: 'Drones fly from', hint: 'A queen raised before finds none to mate with.' },
  winter: { name: 'Winter from', hint: 'From then on nobody is asked to open a hive.' },
};

export const YEAR_SPAN_WORDS: { readonly [S in YearSpanKind]: { readonly name: string; readonly hint: string } } = {
  'swarm-season': {
    name: 'Swarm season',
    hint: 'It sets how often you are asked to inspect. There may be two, or one that never ends.',
  },
  flow: { name: 'Main flow', hint: 'As it comes most years; what you expect of this year stands with the apiary.' },
  dearth: { name: 'Dearth', hint: 'Nothing comes in: splits and nucs have to be fed.' },
  'autumn-flow': { name: 'Autumn flow', hint: '' },
};

const SIGN_WORDS: { readonly [S in YearSign]: string } = {
  'drone-brood': 'First drone brood',
  'drones-flying': 'First drones flying',
  'cups-with-eggs': 'First cups with eggs',
  'charged-cells': 'First charged cells',
  'last-cells': 'Last cells',
  'flow-begins': 'Flow begins, by the scale',
  'flow-ends': 'Flow ends, by the scale',
};

/** `26 Apr`. */
export const monthDayWords = (monthDay: MonthDay): string => {
  const [month, date] = monthDay.split('-').map(Number);
  return `${date} ${monthName(month ?? 1)}`;
};

/** `18 to 25 May`. */
const spanWords = (from: MonthDay, to: MonthDay): string =>
  `${from.slice(0, 2) === to.slice(0, 2) ? Number(from.slice(3)) : monthDayWords(from)} to ${monthDayWords(to)}`;

/** `First charged cells: about 20 May (18 to 25 May, 3 years).` */
export function signWords({ sign, middle, earliest, latest, years }: SignSeen): string {
  const span = earliest === latest ? '' : `${spanWords(earliest, latest)}, `;
  return `${SIGN_WORDS[sign]}: about ${monthDayWords(middle)} (${span}${years === 1 ? 'one year' : `${years} years`}).`;
}

/** What a sign is proposed for. */
export const SIGN_IS_FOR: { readonly [S in YearSign]: string } = {
  'drone-brood': 'build-up from',
  'drones-flying': 'drones from',
  'cups-with-eggs': 'swarm season from',
  'charged-cells': 'swarm season from',
  'last-cells': 'swarm season to',
  'flow-begins': 'main flow from',
  'flow-ends': 'main flow to',
};
