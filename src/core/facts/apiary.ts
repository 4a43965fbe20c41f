import { z } from 'zod';
import { SETTING_LIMITS } from '../settings/settings';
import { apiaryYearField } from './apiary-year';
import { isoDayField } from './day-field';
import { idField, nameField, noteField } from './fields';
import { monthsField } from './months-field';

/** A place where colonies stand. */
export const apiaryFact = z.strictObject({
  id: idField,
  name: nameField,
  note: noteField,
  /** The main flow of the year as the keeper expects it; null: not noted. */
  mainFlowFrom: isoDayField.nullable(),
  mainFlowTo: isoDayField.nullable(),
  /** Months of the year in which swarms come there; null: as in the settings. */
  swarmMonths: monthsField.nullable().default(null),
  /** The days of its year as its keeper knows them; null: none were entered. */
  year: apiaryYearField.nullable().default(null),
  /** There and back, min; null: as in the settings. */
  wayMinutes: z.int().min(SETTING_LIMITS.wayMinutes.min).max(SETTING_LIMITS.wayMinutes.max).nullable().default(null),
  /** Since when brood disease is suspected there; null: it is not. */
  diseaseSuspectedSince: isoDayField.nullable().default(null),
});

export type ApiaryFact = z.infer<typeof apiaryFact>;

/** An apiary of which nothing is said but its name. */
export const bareApiary = (id: string, name: string): ApiaryFact => ({
  id,
  name,
  note: '',
  mainFlowFrom: null,
  mainFlowTo: null,
  swarmMonths: null,
  year: null,
  wayMinutes: null,
  diseaseSuspectedSince: null,
});
