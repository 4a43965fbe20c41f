import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** FNV-1a: spreads names and numbers over all seeds. */
function seedOf(parts: readonly (string | number)[]): number {
  let hash = 0x811c9dc5;
  for (const char of parts.join('/')) hash = Math.imul(hash ^ char.charCodeAt(0), 0x01000193);
  return hash | 0;
}

/** A number from 0 to 1 that is always the same for the same names and numbers. */
export const chance = (...parts: readonly (string | number)[]): number =>
  uniformFloat64(xoroshiro128plus(seedOf(parts)));

/** The same around 0, mostly within 1 of it: the sum of four, as good as normal. */
export const around = (...parts: readonly (string | number)[]): number =>
  [0, 1, 2, 3].reduce((sum, i) => sum + chance(...parts, i), 0) * Math.sqrt(3) - 2 * Math.sqrt(3);
