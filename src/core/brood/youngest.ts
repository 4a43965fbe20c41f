/** The youngest worker brood that was seen. */
export const YOUNGEST_BROOD = ['eggs-upright', 'eggs', 'larvae-small', 'larvae-large', 'sealed', 'none'] as const;

export type YoungestBrood = (typeof YOUNGEST_BROOD)[number];

export function showsEggs(youngest: YoungestBrood | null): boolean {
  return youngest === 'eggs' || youngest === 'eggs-upright';
}
