import { type Side, wholeSide } from './content';
import type { Frame } from './hive';

/** What a frame mainly holds, as it is told at a glance. */
export const GLANCES = [
  'honey',
  'nectar',
  'pollen',
  'brood',
  'young',
  'sealed',
  'drone',
  'empty',
  'droneComb',
  'undrawn',
  'unseen',
] as const;
export type Glance = (typeof GLANCES)[number];

/** The share of each age in brood kept up at a steady rate, 3 : 6 : 12, in whole tenths of two sides. */
const OF_ALL_AGES: readonly [Side, Side] = [
  { eggs: 1, larvae: 3, sealed: 6 },
  { eggs: 2, larvae: 3, sealed: 5 },
];
const YOUNG: readonly [Side, Side] = [
  { eggs: 3, larvae: 7 },
  { eggs: 4, larvae: 6 },
];

/** Both sides of a frame that is told by its main content alone. */
export function sidesByGlance(glance: Glance): readonly [Side, Side] {
  if (glance === 'brood') return OF_ALL_AGES;
  if (glance === 'young') return YOUNG;
  const side = wholeSide(glance);
  return [side, side];
}

/** What a place of a box is counted as: a comb by its main content, or what hangs there instead of one. */
export const COUNTED_AS = [...GLANCES, 'dummy', 'feeder'] as const;
export type CountedAs = (typeof COUNTED_AS)[number];

/** How many places of a box are what; those not named are none. */
export type GlanceCounts = { readonly [C in CountedAs]?: number };

/** A frame’s kind and sides by what it was counted as. */
export const frameCountedAs = (counted: CountedAs): Pick<Frame, 'kind' | 'sides'> =>
  counted === 'dummy' || counted === 'feeder'
    ? { kind: counted, sides: null }
    : { kind: 'comb', sides: sidesByGlance(counted) };

/** From the walls to the middle of a nest. */
const OUTSIDE_IN: readonly CountedAs[] = [
  'dummy',
  'feeder',
  'droneComb',
  'honey',
  'nectar',
  'undrawn',
  'unseen',
  'drone',
  'pollen',
  'empty',
  'sealed',
  'brood',
  'young',
];

/**
 * The frames of a box that was only counted, in the order in which they usually hang: stores at the walls, brood in the middle.
 * Where each hangs was not looked at; it is assumed.
 */
export function framesByCount(counts: GlanceCounts, size: string, newId: () => string): readonly Frame[] {
  const left: Frame[] = [];
  const right: Frame[] = [];
  let side = 0;
  for (const glance of OUTSIDE_IN) {
    for (let i = 0; i < (counts[glance] ?? 0); i++) {
      const frame: Frame = { id: newId(), size, ...frameCountedAs(glance) };
      (side % 2 === 0 ? left : right).push(frame);
      side += 1;
    }
  }
  return [...left, ...right.reverse()];
}
