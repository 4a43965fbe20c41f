import type { Day } from '../core/calendar/day';
import type { Choice, ChoiceName } from '../core/population/asked';
import type { Outcome } from '../core/population/what-if';
import { dayWords } from './days';
import { massWords } from './measures';
import { methodTitle } from './methods/methods';

const WORDS: { readonly [C in 'nothing' | 'take-cells-down']: string } = {
  nothing: 'Do nothing',
  'take-cells-down': 'Take the cells down, and nothing more',
};

/** `Demaree`, `Do nothing`. */
export const choiceTitle = (name: ChoiceName): string =>
  name === 'nothing' || name === 'take-cells-down' ? WORDS[name] : methodTitle(name);

/** `Walk-away split on 16 May, with a bought queen`. */
export function choiceWords({ choice, on, giveRoom, buysQueen }: Choice): string {
  const day = choice === 'nothing' ? '' : ` on ${dayWords(on)}`;
  const queen = buysQueen ? ', with a bought queen' : '';
  const room = choice === 'nothing' ? (giveRoom ? ' but give room' : '') : giveRoom ? '' : ', without room';
  return `${choiceTitle(choice)}${day}${queen}${room}`;
}

/** `in 9 of 10 runs`: shares as people say them. */
export function shareWords(share: number): string {
  if (share === 0) return 'in none';
  if (share === 1) return 'in all';
  const percent = Math.round(share * 100);
  if (percent === 0) return 'in fewer than 1 of 100';
  if (percent === 100) return 'in more than 99 of 100';
  return percent % 10 === 0 ? `in ${percent / 10} of 10` : `in ${percent} of 100`;
}

/** `about 24,000`. */
export const beesWords = (bees: number): string => `about ${(Math.round(bees / 500) * 500).toLocaleString('en-GB')}`;

/** `7 Jun (3 to 11 Jun)`: the middle, and eight of ten. */
export function eggsWords(eggs: Outcome['firstEggs']): string {
  if (!eggs) return 'no new queen';
  const { p10, p50, p90 } = eggs;
  return p10 === p90 ? dayWords(p50) : `${dayWords(p50)} (${dayWords(p10)} to ${dayWords(p90)})`;
}

/** Less than this apart choices come to the same. */
const SAME = { share: 0.05, honeyKg: 2, bees: 3000 } as const;

/**
 * What differs, the gravest first: swarms lost, colonies with a laying queen, hunger, honey, bees, a new queen's day. What is the same for all
 * is left out, and that is said where nothing is left.
 *
 * @param letters what each choice is called on the page
 */
export function differences(outcomes: readonly Outcome[], letters: readonly string[], last: Day): readonly string[] {
  const named = outcomes.map((one, i) => ({ ...one, letter: letters[i] ?? '' }));
  const spread = (of: (one: Outcome) => number) => Math.max(...outcomes.map(of)) - Math.min(...outcomes.map(of));
  const each = (of: (one: Outcome) => string) => named.map((one) => `${one.letter} ${of(one)}`).join(', ');
  const end = <T>(values: readonly T[]) => values[values.length - 1] as T;
  const lines = [
    spread((one) => one.swarmLost) >= SAME.share && `A swarm is lost: ${each((one) => shareWords(one.swarmLost))}.`,
    spread((one) => one.layingColonies.p50) >= 1 &&
      `Colonies with a laying queen on ${dayWords(last)}, most often: ${each((one) => String(one.layingColonies.p50))}.`,
    spread((one) => one.endsQueenless) >= SAME.share &&
      `A colony is without a laying queen at the end: ${each((one) => shareWords(one.endsQueenless))}.`,
    spread((one) => one.starved) >= SAME.share &&
      `One runs out of honey unless it is fed: ${each((one) => shareWords(one.starved))}.`,
    spread((one) => end(one.honeyKg.p50)) >= SAME.honeyKg &&
      `Honey on ${dayWords(last)}: ${each((one) => massWords(Math.round(end(one.honeyKg.p50))))}.`,
    spread((one) => end(one.adults.p50)) >= SAME.bees &&
      `Bees on ${dayWords(last)}: ${each((one) => beesWords(end(one.adults.p50)))}.`,
    named.some(({ firstEggs }) => firstEggs) &&
      named.filter(({ firstEggs }) => firstEggs).length > 1 &&
      `The new queen lays: ${named
        .filter(({ firstEggs }) => firstEggs)
        .map((one) => `${one.letter} ${eggsWords(one.firstEggs)}`)
        .join(', ')}.`,
    spread((one) => one.visitDays.length) >= 1 && `Visits: ${each((one) => String(one.visitDays.length))}.`,
  ].filter((line): line is string => line !== false);
  return lines.length > 0 ? lines : ['They come to much the same.'];
}

/** Said each time: what it is, and what it is not. */
export const WHAT_IT_IS =
  'The same season is played many times over, for each choice with the same luck. It shows what differs between choices; it foretells no season.';

export const WHAT_IF_HEAD = 'What if?';

/** Where a number of the colony is from. */
export const seenWords = (on: Day | null): string =>
  on === null ? 'not noted: supposed' : `as seen on ${dayWords(on)}`;

export const QUEEN_AGES: { readonly [Y in 1 | 2 | 3]: string } = {
  1: 'raised this year',
  2: 'one winter old',
  3: 'two winters old or more',
};
