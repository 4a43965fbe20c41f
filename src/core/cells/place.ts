/** Where on the comb a cell hangs. */
export const CELL_PLACES = ['bottom', 'edge', 'face'] as const;

export type CellPlace = (typeof CELL_PLACES)[number];

export const CELL_PLACE_WORDS: { readonly [P in CellPlace]: string } = {
  bottom: 'bottom bar',
  edge: 'side edge',
  face: 'face of the comb',
};
