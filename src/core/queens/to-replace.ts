import type { QueenWanted } from '../colony/facts';
import type { ReadingName } from '../inspections/reading';

/** Why a queen is to be replaced, the gravest first. */
export const REPLACE_REASONS = ['lays-drones', 'better-strain', 'old'] as const;
export type ReplaceReason = (typeof REPLACE_REASONS)[number];

interface Queen {
  /** The last reading of her colony; null: none. */
  readonly reading: ReadingName | null;
  /** What the keeper wants for her colony. */
  readonly wanted: QueenWanted;
  /** 3: two winters or more. */
  readonly year: 1 | 2 | 3 | null;
}

/** Why she is to be replaced; empty: she is not. An old queen who does well may stay: she is named last, for who goes by age. */
export function toReplace({ reading, wanted, year }: Queen): readonly ReplaceReason[] {
  const holds: { readonly [R in ReplaceReason]: boolean } = {
    'lays-drones': reading === 'drone-laying',
    'better-strain': wanted === 'better-strain',
    old: year === 3,
  };
  return REPLACE_REASONS.filter((reason) => holds[reason]);
}
