import type { SeasonFacts } from '../../formats/season-file';
import type { Sheet, SheetName } from '../sheet';
import { cellsSheet } from './cells';
import { coloniesSheet } from './colonies';
import { inspectionsSheet } from './inspections';
import { foodSheet, kitSheet } from './kit';
import { weatherSheet, weightsSheet } from './measured';
import { queenEventsSheet, queensSheet } from './queens';
import { surveysSheet } from './surveys';

/** Sheets that hold facts as they were entered; the others say what follows from them. */
export const OF_FACTS: {
  readonly [S in Exclude<SheetName, 'checks' | 'looking-back'>]: (facts: SeasonFacts) => Sheet;
} = {
  colonies: coloniesSheet,
  inspections: inspectionsSheet,
  cells: cellsSheet,
  surveys: surveysSheet,
  weights: weightsSheet,
  weather: weatherSheet,
  queens: queensSheet,
  'queen-events': queenEventsSheet,
  kit: kitSheet,
  food: foodSheet,
};
