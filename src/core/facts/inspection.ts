import { z } from 'zod';
import { LOOKED } from '../brood/looked';
import { YOUNGEST_BROOD } from '../brood/youngest';
import { CELL_FINDINGS } from '../cells/finding';
import { NOTED_PLACES } from '../cells/place';
import { SEARCHED } from '../cells/thoroughness';
import { CELL_PARTS, DRONES, PIPING, QUEEN_HANDLED, QUEEN_SEEN_AS, STORES, TEMPERS } from '../colony/facts';
import { FOOD_LEFT } from '../food/food';
import { problem } from '../problems/says';
import { isoDayField, minuteField } from './day-field';
import { idField, noteField } from './fields';
import { LIMITS } from './limits';

/** One look into a colony. What was not looked for is told apart from what was looked for and not found. */
export const inspectionFact = z.strictObject({
  id: idField,
  colonyId: idField,
  at: minuteField,
  /** The last day on which it may have been, where it is entered from memory; null: the day is certain. */
  to: isoDayField.nullable().default(null),
  /** The minute at which the hive was shut again; null: not noted. */
  until: minuteField.nullable().default(null),
  thoroughness: z.enum(SEARCHED),
  queen: z.enum(LOOKED),
  queenSeenAs: z.enum(QUEEN_SEEN_AS).default('not-said'),
  queenHandled: z.enum(QUEEN_HANDLED).default('left'),
  piping: z.enum(PIPING).default('not-listened'),
  /** Somebody else saw it and told the keeper. */
  isByHelper: z.boolean().default(false),
  eggs: z.enum(LOOKED),
  youngest: z.enum(YOUNGEST_BROOD).nullable(),
  droneBroodInWorkerCells: z.enum(LOOKED),
  severalEggsPerCell: z.enum(LOOKED),
  stores: z.enum(STORES),
  layingRoomDays: z.int().min(0).max(LIMITS.layingRoomDays).nullable(),
  broodFrames: z.int().min(0).max(LIMITS.broodFrames).nullable(),
  coveredSeams: z.int().min(0).max(LIMITS.seams).nullable(),
  drones: z.enum(DRONES),
  temper: z.enum(TEMPERS).default('not-noted'),
  food: z.enum(FOOD_LEFT).default('not-looked-for'),
  note: noteField,
});

export type InspectionRow = z.infer<typeof inspectionFact>;

/** A queen cell; it keeps its identity and its letter from visit to visit. */
export const cellFact = z.strictObject({
  id: idField,
  colonyId: idField,
  label: z.string().regex(/^[a-z]{1,4}$/, { error: problem('not-a-label') }),
  place: z.enum(NOTED_PLACES),
  box: z.int().min(1).max(LIMITS.boxes).nullable(),
  frame: z.int().min(1).max(LIMITS.frames).nullable(),
  part: z.enum(CELL_PARTS).nullable(),
});

export type CellRow = z.infer<typeof cellFact>;

/** What an inspection found of one cell. */
export const cellObservationFact = z.strictObject({
  id: idField,
  inspectionId: idField,
  cellId: idField,
  found: z.enum(CELL_FINDINGS),
  takenDown: z.boolean(),
});
