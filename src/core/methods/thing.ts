/** What a keeper carries to the hives and counts. */
export const THINGS = [
  'nuc-box',
  'brood-box',
  'super',
  'floor',
  'crown-board',
  'roof',
  'excluder',
  'split-board',
  'drawn-comb',
  'foundation',
  'open-frame',
  'frozen-stores',
  'dummy',
  'feeder',
  'queen-cage',
  'entrance-block',
  'strap',
  'newspaper',
  'sugar',
  'pen-white',
  'pen-yellow',
  'pen-red',
  'pen-green',
  'pen-blue',
] as const;
/**
 * One kind of thing: frames are `drawn-comb`, `foundation`, an `open-frame` without any, and `frozen-stores`, frames of stores kept cold;
 * `dummy` is a dummy board, `sugar` is counted by the kilogram, a marking pen by its colour.
 */
export type Thing = (typeof THINGS)[number];

/** What any one of some things does for, and how many of it. */
export interface Wanted {
  /** The one that is taken first stands first; of frames some of each will do. */
  readonly of: readonly Thing[];
  readonly count: number;
}

/**
 * When it comes free again: with the colony that it was given to, once that has ended; when its method is over; or never, since it is used
 * up or stays among the bees.
 */
export type ComesFree = 'colony-ends' | 'method-over' | 'never';

/** What a method takes out of the store when it is begun. */
export interface Brings extends Wanted {
  readonly comesFree: ComesFree;
}

/** One line of what is to be brought for a method, in words of its own, with what of it is counted. */
export interface KitItem {
  readonly code: string;
  readonly brings: readonly Brings[];
}
