import { z } from 'zod';
import { CELL_FINDINGS } from '../cells/finding';
import { NOTED_PLACES } from '../cells/place';
import { CELL_PARTS } from '../colony/facts';
import { idField } from './fields';
import { inspectionFact } from './inspection';
import { LIMITS } from './limits';

/** A cell as one inspection enters it: `place` is given when the entry is the one that found the cell. */
const entryCell = z.strictObject({
  observationId: idField,
  cellId: idField,
  found: z.enum(CELL_FINDINGS),
  takenDown: z.boolean(),
  /** Null for a cell that is known already. */
  newCell: z
    .strictObject({
      place: z.enum(NOTED_PLACES),
      box: z.int().min(1).max(LIMITS.boxes).nullable(),
      frame: z.int().min(1).max(LIMITS.frames).nullable(),
      part: z.enum(CELL_PARTS).nullable(),
    })
    .nullable(),
});

/** An inspection with everything found at it: what is entered, corrected, deleted and restored as one. */
export const inspectionEntry = inspectionFact.extend({
  cells: z.array(entryCell).max(LIMITS.cellsPerInspection),
});

export type InspectionEntry = z.infer<typeof inspectionEntry>;
export type EntryCell = InspectionEntry['cells'][number];
