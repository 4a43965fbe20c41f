/**
 * What a comb holds, from the brood outwards: worker brood by age, drone brood, stores, drawn and empty comb of worker or of drone
 * cells, foundation or a gap not yet drawn, and what nobody looked at.
 */
export const CONTENTS = [
  'eggs',
  'larvae',
  'sealed',
  'drone',
  'pollen',
  'nectar',
  'honey',
  'empty',
  'droneComb',
  'undrawn',
  'unseen',
] as const;
export type Content = (typeof CONTENTS)[number];

export const BROOD = ['eggs', 'larvae', 'sealed'] as const satisfies readonly Content[];
export const STORED = ['pollen', 'nectar', 'honey'] as const satisfies readonly Content[];

/** A side of a comb is told in tenths. */
export const TENTHS = 10;

/** One side of a comb in whole tenths that make ten; what is not named is none. */
export type Side = { readonly [C in Content]?: number };

export const tenthsOf = (side: Side, content: Content): number => side[content] ?? 0;

/** A side that holds one thing only. */
export const wholeSide = (content: Content): Side => ({ [content]: TENTHS });

/** Why a side cannot be: a tenth below nothing, or not ten in all; null when it is sound. */
export function sideFault(side: Side): 'not-whole-tenths' | 'tenths-not-ten' | null {
  const values = CONTENTS.map((content) => tenthsOf(side, content));
  if (values.some((value) => value < 0 || !Number.isInteger(value))) return 'not-whole-tenths';
  const sum = values.reduce((all, value) => all + value, 0);
  return sum === TENTHS ? null : 'tenths-not-ten';
}
