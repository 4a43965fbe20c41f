import type { QueenOrigin } from '../core/facts/queen';
import { type MarkColour, markColour } from '../core/queens/mark-colour';

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
