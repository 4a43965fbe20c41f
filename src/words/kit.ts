import type { Day } from '../core/calendar/day';
import { CAR, HOME, type KitEntry, type KitPlace } from '../core/kit/kit-entry';
import type { NeedReason } from '../core/kit/needs';
import type { Fetch } from '../core/kit/shortages';
import type { Thing } from '../core/methods/thing';
import { capital, withinSentence } from './capital';
import { orderOf } from './due';
import { listWords } from './list';
import { methodTitle } from './methods/methods';
import { dayTold } from './rounds';

/** One of it, and several. */
const THING_WORDS: { readonly [T in Thing]: readonly [one: string, many: string] } = {
  'nuc-box': ['nuc box', 'nuc boxes'],
  'brood-box': ['brood box', 'brood boxes'],
  super: ['super', 'supers'],
  floor: ['floor', 'floors'],
  'crown-board': ['crown board', 'crown boards'],
  roof: ['roof', 'roofs'],
  excluder: ['queen excluder', 'queen excluders'],
  'split-board': ['split board', 'split boards'],
  'drawn-comb': ['frame of drawn comb', 'frames of drawn comb'],
  foundation: ['frame of foundation', 'frames of foundation'],
  'open-frame': ['empty frame', 'empty frames'],
  'frozen-stores': ['frame of frozen stores', 'frames of frozen stores'],
  dummy: ['dummy board', 'dummy boards'],
  feeder: ['feeder', 'feeders'],
  'queen-cage': ['queen cage', 'queen cages'],
  'entrance-block': ['entrance block', 'entrance blocks'],
  strap: ['strap', 'straps'],
  newspaper: ['sheet of newspaper', 'sheets of newspaper'],
  sugar: ['kg of sugar', 'kg of sugar'],
  'pen-white': ['white marking pen', 'white marking pens'],
  'pen-yellow': ['yellow marking pen', 'yellow marking pens'],
  'pen-red': ['red marking pen', 'red marking pens'],
  'pen-green': ['green marking pen', 'green marking pens'],
  'pen-blue': ['blue marking pen', 'blue marking pens'],
};

/** `Frames of drawn comb`: what a line of the list counts. */
export const thingName = (thing: Thing): string => (thing === 'sugar' ? 'Sugar, kg' : capital(THING_WORDS[thing][1]));
/** For who hears what is counted: `nuc box`. */
export const oneThing = (thing: Thing): string => THING_WORDS[thing][0];

/** `a nuc box`, `5 frames of drawn comb`, `5 frames of drawn comb or foundation`. */
export function thingsWords(of: readonly Thing[], count: number): string {
  const words = of.map((thing) => THING_WORDS[thing][count === 1 ? 0 : 1]);
  const [first = ''] = words;
  // Said once where both are frames of something.
  const rest = words.slice(1).map((one) => one.replace(/^frames? of /, ''));
  const said = [first, ...rest].join(' or ');
  if (count !== 1) return `${count} ${said}`;
  return `${/^[aeiou]/.test(said) ? 'an' : 'a'} ${said}`;
}

export const placeName = (place: KitPlace, apiaryName: (id: string) => string): string =>
  place === HOME ? 'Home' : place === CAR ? 'Car' : apiaryName(place);

/** Where something lies: `at home`, `in the car`, `at Orchard`. */
export const placeWords = (place: KitPlace, apiaryName: (id: string) => string): string =>
  place === HOME ? 'at home' : place === CAR ? 'in the car' : `at ${apiaryName(place)}`;

/** What something is needed for. */
export function reasonWords(reason: NeedReason, colonyName: (id: string) => string): string {
  switch (reason.kind) {
    case 'spare-nuc':
      return 'a spare nuc, to have in hand in the swarm season';
    case 'mark':
      return `${colonyName(reason.colonyId)}, to mark the young queen`;
    case 'check':
      return `${colonyName(reason.colonyId)}, in case it wants one: ${withinSentence(orderOf({ code: reason.code }))}`;
    case 'method': {
      const what = `${colonyName(reason.colonyId)}, ${withinSentence(methodTitle(reason.method))}`;
      return reason.isDecided ? what : `${what}, if that is what you choose`;
    }
  }
}

interface Named {
  readonly apiaryName: (id: string) => string;
  readonly today: Day;
}

type Things = readonly { readonly thing: Thing; readonly count: number }[];
const isOne = (things: Things): boolean => things.length === 1 && things[0]?.count === 1;
const allOf = (things: Things): string =>
  capital(listWords(things.map(({ thing, count }) => thingsWords([thing], count))));

/** How things that lie at one place get to another on the same rounds. */
export function fetchWords(
  things: Things,
  { from, pickedUp, comesAlong }: Pick<Fetch, 'from' | 'pickedUp' | 'comesAlong'>,
  { apiaryName, today }: Named,
): string {
  const lies = `${allOf(things)} ${isOne(things) ? 'is' : 'are'} ${placeWords(from, apiaryName)}`;
  const it = isOne(things) ? 'it' : 'them';
  if (!comesAlong) return `${lies}, and no round is planned in time that would bring ${it}.`;
  if (from === CAR) return `${lies}.`;
  if (!pickedUp) return `${lies}: take ${it} along ${dayTold(comesAlong.on, today)}.`;
  return pickedUp.on === comesAlong.on
    ? `${lies}: fetch ${it} on the way ${dayTold(comesAlong.on, today)}.`
    : `${lies}: fetch ${it} ${dayTold(pickedUp.on, today)} and bring ${it} ${dayTold(comesAlong.on, today)}.`;
}

/** What lies nowhere, or was never counted. */
export function missingWords(of: readonly Thing[], count: number, isUncounted: boolean): string {
  const [thing = 'nuc-box'] = of;
  if (isUncounted) {
    const names = of.map((one) => THING_WORDS[one][1]).join(' or ');
    return `${capital(names)} were never counted: see whether you have ${count === 1 ? 'one' : count}.`;
  }
  const [one, many] = THING_WORDS[thing];
  return count === 1
    ? `No ${one} to spare anywhere: make, buy or borrow one.`
    : `${count} ${many} short, and none to spare anywhere: make, buy or borrow them.`;
}

/** `School roof, tomorrow: a nuc box and 5 frames of drawn comb or foundation`. */
export const wantedWords = (
  wanted: readonly { readonly of: readonly Thing[]; readonly count: number }[],
  apiary: string,
  on: Day,
  today: Day,
): string => `${apiary}, ${dayTold(on, today)}: ${listWords(wanted.map(({ of, count }) => thingsWords(of, count)))}.`;

/** `Counted at home: 2 nuc boxes and no supers`, `A feeder carried from home to the car`: what was said in one go. */
export function saidWords(entries: readonly KitEntry[], apiaryName: (id: string) => string): string {
  const [first] = entries;
  if (!first) return '';
  const things = entries.map(({ thing, count }) =>
    count === 0 ? `no ${THING_WORDS[thing][1]}` : thingsWords([thing], count),
  );
  if (first.kind === 'counted') return `Counted ${placeWords(first.to, apiaryName)}: ${listWords(things)}`;
  const what = capital(listWords(things));
  const { from, to } = first;
  if (from === null) return `${what} came ${into(to, apiaryName)} from elsewhere`;
  if (to === null) return `${what} gone for good, from ${where(from, apiaryName)}`;
  return `${what} carried from ${where(from, apiaryName)} to ${where(to, apiaryName)}`;
}

const where = (place: KitPlace, apiaryName: (id: string) => string): string =>
  place === HOME ? 'home' : place === CAR ? 'the car' : apiaryName(place);
const into = (place: KitPlace | null, apiaryName: (id: string) => string): string =>
  place === null ? '' : place === CAR ? 'into the car' : `to ${where(place, apiaryName)}`;

/** More was used there than lay there by the count. */
export const overdrawnWords = (thing: Thing, count: number, place: string): string =>
  `${capital(thingsWords([thing], count))} more ${count === 1 ? 'was' : 'were'} used ${place} than lay there by your count. Count again when you are there.`;
