import type { Day } from '../core/calendar/day';
import type { QueenEventKind } from '../core/colony/facts';
import { type MarkColour, markColour } from '../core/queens/mark-colour';
import type { QueenOrigin } from '../core/queens/origin';
import type { TemperCounts } from '../core/queens/stays';
import type { ReplaceReason } from '../core/queens/to-replace';
import { dayWords } from './days';
import { QUEEN_EVENT_WORDS } from './queen-events';

export const MARK_WORDS: { readonly [C in MarkColour]: string } = {
  blue: 'blue',
  white: 'white',
  yellow: 'yellow',
  red: 'red',
  green: 'green',
};

const ORIGIN_WORDS: { readonly [O in QueenOrigin]: string } = {
  raised: ', raised',
  bought: ', bought',
  swarm: ', came with a swarm',
  unknown: '',
};

/** `queen of 2026 (white), raised`; year null: not known. */
export const queenWords = (year: number | null, origin: QueenOrigin): string =>
  year === null
    ? `queen of unknown age${ORIGIN_WORDS[origin]}`
    : `queen of ${year} (${MARK_WORDS[markColour(year)]})${ORIGIN_WORDS[origin]}`;

/** Why a queen is to be replaced. */
export const REPLACE_WORDS: { readonly [R in ReplaceReason]: string } = {
  'lays-drones': 'lays drones into worker cells',
  'better-strain': 'a better strain is wanted for her colony',
  old: 'has gone through two winters or more',
};

/** `in Yarrow`, `left with a swarm on 10 May`, `not known where`. */
export function whereWords(
  colony: string | null,
  left: { readonly kind: QueenEventKind; readonly on: Day } | null,
): string {
  if (colony !== null) return `in ${colony}`;
  return left ? `${QUEEN_EVENT_WORDS[left.kind]} on ${dayWords(left.on)}` : 'not known where';
}

/** `eggs seen on 14 May`: how it is known that she was alive. */
export const proofWords = ({ on, by }: { readonly on: Day; readonly by: 'seen' | 'eggs' }): string =>
  `${by === 'seen' ? 'seen' : 'eggs seen'} on ${dayWords(on)}`;

/** `10 to 16 Jun 2025`, as far as it was noted; null: it was not. */
export function emergedWords(from: string | null, to: string | null, words: (day: string) => string): string | null {
  if (from === null && to === null) return null;
  if (from === null) return `by ${words(to as string)}`;
  if (to === null) return `${words(from)} or later`;
  return from === to ? words(from) : `${words(from)} to ${words(to)}`;
}

/** Where a queen is from, to choose from. */
export const QUEEN_ORIGIN_NAMES: { readonly [O in QueenOrigin]: string } = {
  raised: 'raised here',
  bought: 'bought',
  swarm: 'came with a swarm',
  unknown: 'not known',
};

/** How her colonies swarmed while she was in them, as noted. */
export function swarmingWords(swarms: number, casts: number): string {
  if (swarms + casts === 0) return 'no swarm with her is noted';
  return [
    ...(swarms > 0 ? [swarms === 1 ? 'left with a swarm once' : `left with a swarm ${swarms} times`] : []),
    ...(casts > 0 ? ['left with a cast'] : []),
  ].join(', ');
}

const TEMPER_WORDS: { readonly [T in keyof TemperCounts]: string } = {
  calm: 'calm',
  uneasy: 'uneasy',
  defensive: 'defensive',
};

/** `calm 5 times, uneasy once`; null: it was never noted. */
export function temperWords(counts: TemperCounts): string | null {
  const said = (Object.keys(TEMPER_WORDS) as (keyof TemperCounts)[])
    .filter((temper) => counts[temper] > 0)
    .map((temper) => `${TEMPER_WORDS[temper]} ${counts[temper] === 1 ? 'once' : `${counts[temper]} times`}`);
  return said.length === 0 ? null : said.join(', ');
}

export const joinedWords = (name: string, on: Day): string =>
  `The records had her twice: ${name} was made one with her on ${dayWords(on)}.`;
