/** What is given to a colony for food, and what is taken of its honey. Syrup, fondant and honey are weighed, frames counted. */
export const FOOD_KINDS = ['syrup', 'fondant', 'stores-frame', 'honey-taken'] as const;
export type FoodKind = (typeof FOOD_KINDS)[number];

export const FOOD_LEFT = ['enough', 'little', 'not-looked-for'] as const;
/** How much food an inspection found in the hive: enough, or so little that it has to be fed. */
export type FoodLeft = (typeof FOOD_LEFT)[number];

/** Food given, or honey taken. */
export interface FoodFact {
  readonly id: string;
  readonly colonyId: string;
  /** Local minute. */
  readonly at: string;
  readonly kind: FoodKind;
  /** Kilograms, of frames their number. */
  readonly amount: number;
}

export const isFeed = ({ kind }: Pick<FoodFact, 'kind'>): boolean => kind !== 'honey-taken';
