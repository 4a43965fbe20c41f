/** Where on the comb a cell hangs. */
export const CELL_PLACES = ['bottom', 'edge', 'face'] as const;

/** As it is entered: a place that nobody named is no evidence of any. */
export const NOTED_PLACES = ['not-said', ...CELL_PLACES] as const;

export type CellPlace = (typeof NOTED_PLACES)[number];

export const CELL_PLACE_WORDS: { readonly [P in CellPlace]: string } = {
  'not-said': 'place not noted',
  bottom: 'bottom bar',
  edge: 'side edge',
  face: 'face of the comb',
};
