import type { SheetName } from '../core/spreadsheets/sheet';

/** What each spreadsheet is called, and what stands in it. */
export const SHEET_WORDS: { readonly [S in SheetName]: { readonly name: string; readonly about: string } } = {
  colonies: { name: 'Colonies', about: 'each with its apiary, stand and beginning' },
  inspections: { name: 'Inspections', about: 'all that was looked for, a line each' },
  cells: { name: 'Cells', about: 'each at every inspection that looked for it' },
  checks: { name: 'Checks', about: 'what is due and to come, with why' },
  surveys: { name: 'Frame surveys', about: 'each side of each comb, in tenths' },
  weights: { name: 'Weights', about: 'of the hive scales' },
  weather: { name: 'Weather', about: 'hour by hour' },
  queens: { name: 'Queens', about: 'with their mothers' },
  'queen-events': { name: 'Queen history', about: 'what happened to each queen, and when' },
  kit: { name: 'Kit', about: 'what was counted and carried' },
  food: { name: 'Food and honey', about: 'what was given and taken' },
  'looking-back': { name: 'Looking back', about: 'what this year came to, a line for each colony' },
};
