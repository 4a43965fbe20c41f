/** The youngest worker brood that was seen. */
export const YOUNGEST_BROOD = ['eggs-upright', 'eggs', 'larvae-small', 'larvae-large', 'sealed', 'none'] as const;

export type YoungestBrood = (typeof YOUNGEST_BROOD)[number];

export const YOUNGEST_WORDS: { readonly [Y in YoungestBrood]: string } = {
  'eggs-upright': 'upright eggs',
  eggs: 'eggs',
  'larvae-small': 'small larvae',
  'larvae-large': 'big open larvae',
  sealed: 'only sealed brood',
  none: 'no worker brood',
};

export function showsEggs(youngest: YoungestBrood | null): boolean {
  return youngest === 'eggs' || youngest === 'eggs-upright';
}
