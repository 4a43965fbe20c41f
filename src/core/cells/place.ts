/** Where on the comb a cell hangs. */
export const CELL_PLACES = ['bottom', 'edge', 'face'] as const;

/** As it is entered: a place that nobody named is no evidence of any. */
export const NOTED_PLACES = ['not-said', ...CELL_PLACES] as const;

export type CellPlace = (typeof NOTED_PLACES)[number];
