import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { MethodName } from '../core/methods/method';
import type { Thing } from '../core/methods/thing';
import type { Intention, IntentionReason } from '../core/season-plan/intentions';
import type { WayName } from '../core/season-plan/way';
import { capital } from './capital';
import { dayWords, rangeWords, weekdayWords } from './days';
import { thingsWords } from './kit';
import { listWords } from './list';
import { methodTitle } from './methods/methods';
import { durationWords } from './rounds';

/** The ways to run a colony, with what each comes to in a line. */
export const WAY_WORDS: { readonly [W in WayName]: { readonly name: string; readonly about: string } } = {
  'room-first': {
    name: 'Room first',
    about:
      'Open the sides in the build-up, a second box, interleave when it is warm, supers ahead of the flow. A method only if cells come.',
  },
  demaree: { name: 'Demaree at the flow', about: 'A super in spring; the brood goes up when the main flow comes.' },
  'wait-for-cells': {
    name: 'Wait for charged cells',
    about: 'Inspect every week; make the swarm yourself as soon as there are charged cells.',
  },
  increase: { name: 'Increase', about: 'Split before the season, and make nucs with the cells to spare.' },
  requeen: { name: 'Requeen', about: 'Another queen by a day that you choose.' },
};

/** A mark of something that is meant, on the sheet. */
const MARK_WORDS: { readonly [M in MethodName]?: string } = {
  'open-sides': 'open sides',
  'add-box': 'second box',
  interleave: 'interleave',
  'add-super': 'super',
  demaree: 'Demaree',
  'part-demaree': 'part Demaree',
  'nuc-swarm': 'nuc swarm',
  'old-site-swarm': 'old-site swarm',
  'queen-split': 'queen split',
  'walk-away': 'split',
  'even-split': 'even split',
  'vertical-split': 'vertical split',
  'cell-nuc': 'nuc from a cell',
  'requeen-mated': 'requeen',
  'give-cell': 'give a cell',
};
export const markName = ({ method, isIfCells }: Pick<Intention, 'method' | 'isIfCells'>): string =>
  `${isIfCells ? 'if cells: ' : ''}${MARK_WORDS[method] ?? methodTitle(method)}`;

/** What is done, where a mark's name alone does not read in a sentence. */
const DOING_WORDS: { readonly [M in MethodName]?: string } = {
  'open-sides': 'opening the sides',
  interleave: 'interleaving',
  'requeen-mated': 'requeening',
  'give-cell': 'giving a cell',
};

/** How a method is named within a sentence: `the Demaree`, `interleaving`. */
const actName = (method: MethodName): string =>
  DOING_WORDS[method] ?? `the ${MARK_WORDS[method] ?? methodTitle(method)}`;

function reasonStart(because: IntentionReason): string {
  switch (because.code) {
    case 'charged-cells':
      return `charged cells on ${dayWords(because.on)}`;
    case 'swarmed':
      return `it swarmed on ${dayWords(because.on)}`;
    case 'ended':
      return `the colony ended on ${dayWords(because.on)}`;
    case 'other-method':
      return `${methodTitle(because.method)} was begun on ${dayWords(because.on)}`;
    case 'keeper':
      return 'you dropped it';
    case 'no-laying-queen':
      return 'it has no laying queen now';
    case 'act-dropped':
      return 'what it was to follow is not entered as done';
  }
}

/** What became of an intention, or how it stands with it, as a sentence. */
export function intentionWords(
  { method, window, on, status, because, begun, isIfCells }: Intention,
  today: Day,
): string {
  const name = actName(method);
  const span = rangeWords({ from: window.earliest, to: window.latest });
  switch (status) {
    case 'begun':
      return `${capital(name)}: done on ${dayWords(begun?.on ?? on)}.`;
    case 'dropped': {
      const meant = isIfCells ? name : `${name} meant for ${dayWords(on)}`;
      return because ? `${capital(reasonStart(because))}: ${meant} is dropped.` : `${capital(meant)} is dropped.`;
    }
    case 'lapsed':
      return isIfCells
        ? `No charged cells that ${name} was wanted for: it was not needed.`
        : `${capital(name)} meant for ${dayWords(on)} is not entered as done: its time was over on ${dayWords(window.latest)}.`;
    case 'held':
      return `It is time for ${name} (${span}), but ${because ? reasonStart(because) : 'something is in the way'}.`;
    case 'now':
      return isIfCells && because
        ? `${capital(reasonStart(because))}: it is time for ${name}.`
        : `It is time for ${name}: ${on < today ? '' : `best ${weekdayWords(on)}, `}any day up to and including ${dayWords(window.latest)}.`;
    case 'to-come':
      return isIfCells
        ? `${capital(name)}, if charged cells come (${span}).`
        : `${capital(name)}: best ${weekdayWords(on)}, any day ${span}.`;
  }
}

/** For a mark that is taken out of its window. */
export const outsideWords = ({ window }: Pick<Intention, 'window'>): string =>
  `It is best done between ${dayWords(window.earliest)} and ${dayWords(window.latest)}. A day outside that can be too early to work, or too late.`;

/** `2027`, or `2027/28` of a season that ends in the next year. */
export const seasonName = (year: number, endsInNext: boolean): string =>
  endsInNext ? `${year}/${String((year + 1) % 100).padStart(2, '0')}` : String(year);

/** `Too much work from 31 May to 6 Jun: 14 h where 9 h are free.` */
export const tooMuchWords = (week: DayRange, minutes: number, free: number): string =>
  `Too much work ${rangeWords(week)}: ${durationWords(minutes)}, and ${free === 0 ? 'none of it is free' : `${durationWords(free)} are free`}.`;

/** An act of a colony: `the Demaree of Yarrow`. */
export const actOf = (method: MethodName, colony: string): string => `${actName(method)} of ${colony}`;

export const moveThemWords = (moves: readonly { readonly words: string; readonly to: Day }[]): string =>
  `Put ${listWords(moves.map(({ words, to }) => `${words} on ${dayWords(to)}`))}.`;

export const fewerWords = (acts: readonly string[]): string =>
  acts.length === 1
    ? `Or do without ${acts[0]}.`
    : `Or do ${acts.length} acts fewer, such as ${listWords(acts.slice(0, 3))}.`;

export const moreTimeWords = (minutes: number): string =>
  `Or find ${durationWords(minutes)} more that week: one more free day, or somebody who helps.`;

/** A thing that is short in the season. */
export const shortWords = (of: readonly Thing[], short: number, on: Day): string =>
  `Short from ${dayWords(on)} on: ${thingsWords(of, short)}.`;

export function borrowWords(short: number, fewer: number): string {
  const it = short === 1 ? 'it' : 'them';
  return `Make, buy or borrow ${it}, or do ${fewer === 1 ? 'one' : fewer} fewer of what takes ${it}.`;
}

export const beforeDronesWords = (words: string, on: Day, drones: Day): string =>
  `${capital(words)} on ${dayWords(on)} comes before drones fly here (about ${dayWords(drones)}): a queen raised then may find none to mate with.`;

export const notBeforeWords = (on: Day): string => `Put it on ${dayWords(on)} or later.`;

/** What there will be when all of it is done. */
export function atTheEndWords(now: number, colonies: number, moreIfCells: number, boxes: readonly string[]): string {
  const of = `${colonies} ${colonies === 1 ? 'colony' : 'colonies'} at the end of the season, ${now} now`;
  const more = moreIfCells > 0 ? `, up to ${colonies + moreIfCells} if cells come wherever you wait for them` : '';
  const need = boxes.length > 0 ? ` That takes ${listWords(boxes)}.` : '';
  return `${of}${more}.${need}`;
}

export const supposedFlowWords = (apiary: string, from: Day): string =>
  `${apiary}: no main flow is entered. It is taken to begin about ${dayWords(from)}.`;
export const supposedDronesWords = (apiary: string): string =>
  `${apiary}: when drones fly is not entered. Look before you split.`;
export const supposedYearWords = (apiary: string): string =>
  `${apiary}: the swarm season goes by months alone. Its days can be entered.`;
export const uncountedWords = 'No kit was counted: what is short cannot be said.';
