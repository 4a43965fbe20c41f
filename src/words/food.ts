import type { Day } from '../core/calendar/day';
import type { FoodFact, FoodKind } from '../core/food/food';
import type { FoodAsked } from '../core/food/food-asked';
import { dayWords, rangeWords } from './days';
import { massWords } from './measures';

/** What is tapped. */
export const FOOD_NAMES: { readonly [F in FoodKind]: string } = {
  syrup: 'Syrup',
  fondant: 'Fondant',
  'stores-frame': 'Frames of stores',
  'honey-taken': 'Honey taken',
};

/** `2 kg of syrup`, `a frame of stores`, `12 kg of honey taken`. */
export function foodWords({ kind, amount }: Pick<FoodFact, 'kind' | 'amount'>): string {
  switch (kind) {
    case 'syrup':
      return `${massWords(amount)} of syrup`;
    case 'fondant':
      return `${massWords(amount)} of fondant`;
    case 'stores-frame':
      return amount === 1 ? 'a frame of stores' : `${amount} frames of stores`;
    case 'honey-taken':
      return `${massWords(amount)} of honey taken`;
  }
}

/** Why its food is asked about, and what to do. */
export function foodAskedWords(asked: FoodAsked): string {
  if (asked.code === 'young-without-flow')
    return `Has it food? Made on ${dayWords(asked.since)}, and no flow is known to be on. Feed it a little, and keep its entrance small.`;
  return `Little food on ${dayWords(asked.foundOn)}, and bees may stay in ${rangeWords(asked)}. Feed it before then.`;
}

export const lastFedWords = (words: string, on: Day): string => `${words} on ${dayWords(on)}`;
