import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Draws by a seed: the same each time. */
export interface Draws {
  /** From 0 up to 1. */
  readonly unit: () => number;
  /** Between two numbers. */
  readonly between: (from: number, to: number) => number;
  /** A whole number, both ends included. */
  readonly whole: (from: number, to: number) => number;
  readonly oneOf: <T>(list: readonly [T, ...T[]]) => T;
  /** All of a list in another order, each order as likely. */
  readonly shuffled: <T>(list: readonly T[]) => T[];
  /** With a chance from 0 to 1. */
  readonly happens: (chance: number) => boolean;
}

const MIX = 0x9e3779b1;

/** @param salt what is drawn: two purposes of one seed have nothing in common */
export function drawsOf(seed: number, salt: string): Draws {
  let mixed = seed | 0;
  for (const letter of salt) mixed = Math.imul(mixed ^ letter.charCodeAt(0), MIX) ^ (mixed >>> 15);
  const numbers = xoroshiro128plus(mixed);
  const unit = () => uniformFloat64(numbers);
  const whole = (from: number, to: number) => uniformInt(numbers, from, to);
  return {
    unit,
    between: (from, to) => from + unit() * (to - from),
    whole,
    oneOf: (list) => list[whole(0, list.length - 1)] as (typeof list)[number],
    shuffled: (list) => {
      const left = [...list];
      return list.map(() => left.splice(whole(0, left.length - 1), 1)[0] as (typeof list)[number]);
    },
    happens: (chance) => unit() < chance,
  };
}
