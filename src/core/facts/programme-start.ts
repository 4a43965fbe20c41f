import { z } from 'zod';
import { CELL_TRAVELS } from '../colony/facts';
import { ALL_METHOD_NAMES } from '../methods/method';
import { isoDayField, minuteField } from './day-field';
import { idField, nameField, noteField } from './fields';
import { LIMITS } from './limits';

/** A method begun, as the keeper enters it: everything that has to be stored together. */
export const programmeStart = z.strictObject({
  id: idField,
  colonyId: idField,
  method: z.enum(ALL_METHOD_NAMES),
  /** Local minute; null: not noted, it counts in the order of entry. */
  at: minuteField.nullable().default(null),
  on: isoDayField,
  /** The last day on which it may have been done; null: the day is certain. */
  to: isoDayField.nullable().default(null),
  secondThinning: z.boolean(),
  onlySealedBroodUp: z.boolean(),
  /** The queen was not found: every bee was shaken down below an excluder. */
  queenShakenDown: z.boolean().default(false),
  buysQueen: z.boolean(),
  /** A part faces away or a wall and is turned back a little each day. */
  turnsDaily: z.boolean().default(false),
  /** It was done before it was entered: all its steps count as ticked. */
  stepsDone: z.boolean().default(false),
  note: noteField,
  /** Of the colony's live cells, those that stay. */
  keptCellIds: z.array(idField).max(LIMITS.cellsPerInspection),
  /** The colony that comes of it, where the method makes one. */
  newColony: z
    .strictObject({
      id: idField,
      name: nameField,
      apiaryId: idField,
      stand: z.string().trim().max(LIMITS.place),
    })
    .nullable(),
  /** Where the colony itself stands from now on; null: where it stood. */
  stand: z.string().trim().max(LIMITS.place).nullable(),
  /** The colony that it is united with. */
  withColonyId: idField.nullable(),
  /** The cell that it is given. */
  gift: z.strictObject({ moveId: idField, cellId: idField, travel: z.enum(CELL_TRAVELS) }).nullable(),
});

export type ProgrammeStart = z.infer<typeof programmeStart>;
