import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { AgeSpread } from '../biology/figure';

/** What is drawn by lot. */
const PURPOSES = [
  'weather',
  'preparing',
  'swarm',
  'cells',
  'virgin',
  'rate',
  'bought',
  'which-half',
  'oldest-cell',
  'raised',
  'mood',
] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Numbers from 0 to 1, one after another: the same ones each time. */
export type Stream = () => number;

/** Scatters the bits of a number over 32, so that neighbours have nothing in common. */
function scattered(number: number): number {
  let bits = number | 0;
  bits = Math.imul(bits ^ (bits >>> 16), 0x85ebca6b);
  bits = Math.imul(bits ^ (bits >>> 13), 0xc2b2ae35);
  return bits ^ (bits >>> 16);
}

/**
 * The luck of one run. Each unit and purpose draws from a stream of its own, so that a choice or a figure that changes what is drawn for one
 * thing leaves the luck of all others as it was.
 */
export function luckOf(seed: number, run: number): (unit: number, purpose: Purpose) => Stream {
  const streams = new Map<number, Stream>();
  const ofRun = scattered(scattered(seed) + Math.imul(run + 1, 0x9e3779b1));
  return (unit, purpose) => {
    const key = unit * PURPOSES.length + PURPOSES.indexOf(purpose);
    const known = streams.get(key);
    if (known) return known;
    const numbers = xoroshiro128plus(scattered(ofRun + Math.imul(key + 1, 0x85ebca77)));
    const stream = () => uniformFloat64(numbers);
    streams.set(key, stream);
    return stream;
  };
}

/** A number between the first and the last of a spread, most often the usual one: by one draw. */
export function drawn({ early, typical, late }: AgeSpread, stream: Stream): number {
  const u = stream();
  if (late === early) return early;
  const turn = (typical - early) / (late - early);
  return u < turn
    ? early + Math.sqrt(u * (late - early) * (typical - early))
    : late - Math.sqrt((1 - u) * (late - early) * (late - typical));
}

/** Like {@link drawn}, in whole days: each day of the spread, both ends included, may come up. */
export const drawnDays = (spread: AgeSpread, stream: Stream): number =>
  Math.min(
    spread.late,
    Math.max(
      spread.early,
      Math.round(drawn({ early: spread.early - 0.5, typical: spread.typical, late: spread.late + 0.5 }, stream)),
    ),
  );
