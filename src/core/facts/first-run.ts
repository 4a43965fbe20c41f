import { z } from 'zod';
import { isoDayField } from './day-field';
import { idField, nameField } from './fields';
import { settingsFields } from './setting';

/** The four things that are asked before anything else. */
export const startEntry = z.strictObject({
  apiaryId: idField,
  apiaryName: nameField,
  swarmMonths: settingsFields.shape.swarmMonths,
  /** The time zone of the device that asked first; null: it did not say. */
  timeZone: settingsFields.shape.timeZone.default(null),
  colonyId: idField,
  colonyName: nameField,
  /** Since when the book is to know it; null: from today. */
  knownSince: isoDayField.nullable().default(null),
});
export type StartEntry = z.infer<typeof startEntry>;
