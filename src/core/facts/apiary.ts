import { z } from 'zod';
import { isoDayField } from './day-field';
import { idField, nameField, noteField } from './fields';

/** A place where colonies stand. */
export const apiaryFact = z.strictObject({
  id: idField,
  name: nameField,
  note: noteField,
  /** The main flow of the year as the keeper expects it; null: not noted. */
  mainFlowFrom: isoDayField.nullable(),
  mainFlowTo: isoDayField.nullable(),
});

export type ApiaryFact = z.infer<typeof apiaryFact>;
