/** What the choices are called. */
export const LETTERS = ['A', 'B', 'C', 'D'] as const;
export const CHOICES_AT_MOST = LETTERS.length;

/** The line of each choice: told by its dashes as well as by its colour. */
export const LINES = [
  { colour: 'ink', dashes: [] },
  { colour: 'willow', dashes: [10, 5] },
  { colour: 'larch', dashes: [3, 4] },
  { colour: 'indigo', dashes: [12, 4, 3, 4] },
] as const satisfies readonly { readonly colour: string; readonly dashes: readonly number[] }[];
export type LineColour = (typeof LINES)[number]['colour'];
