import type { SeasonFacts } from '../core/formats/season-file';

/** Rows may be added. */
export type Mutable<T> = { -readonly [K in keyof T]: T[K] };

/** A book with nothing in it. */
export const emptyFacts = (): Mutable<SeasonFacts> => ({
  apiaries: [],
  colonies: [],
  formerPlaces: [],
  queens: [],
  queenEvents: [],
  inspections: [],
  cells: [],
  cellObservations: [],
  photos: [],
  cellMoves: [],
  programmes: [],
  programmeUnits: [],
  keptCells: [],
  stepsDone: [],
  checkAnswers: [],
  checkChanges: [],
  surveys: [],
  framePlans: [],
  keptFrames: [],
  seasonPlans: [],
  foodEntries: [],
  practised: [],
  weatherDays: [],
  nights: [],
  scaleDays: [],
  scaleAnswers: [],
  rounds: [],
  roundWishes: [],
  stands: [],
  standMoves: [],
  yardMarks: [],
  kitEntries: [],
  settings: [],
  revisions: [],
});
