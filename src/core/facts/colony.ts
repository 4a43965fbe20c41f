import { z } from 'zod';
import { COLONY_ORIGINS, QUEEN_WANTED } from '../colony/facts';
import { isoDayField } from './day-field';
import { idField, nameField, noteField } from './fields';
import { LIMITS } from './limits';

/** The bees, who keep their history for life; the boxes they live in and the place they stand may change. */
export const colonyFact = z.strictObject({
  id: idField,
  apiaryId: idField,
  name: nameField,
  /** Where in the apiary it stands, in the keeper's words. */
  stand: z.string().trim().max(LIMITS.place),
  origin: z.enum(COLONY_ORIGINS),
  parentColonyId: idField.nullable(),
  startedOn: isoDayField,
  endedOn: isoDayField.nullable(),
  note: noteField,
  /** What the keeper wants for it: a queen or a cell, or one of a better strain. */
  wanted: z.enum(QUEEN_WANTED).default('nothing'),
});

/** What a colony was called and where it stood until a day. */
export const formerPlaceFact = z.strictObject({
  id: idField,
  colonyId: idField,
  /** The day on which it was moved or renamed. */
  until: isoDayField,
  name: nameField,
  apiaryId: idField,
  stand: z.string().trim().max(LIMITS.place),
});

export type FormerPlaceFact = z.infer<typeof formerPlaceFact>;

/** A colony as it is entered: where it is moved or renamed, with the day since which. */
export const colonyEntry = colonyFact.extend({
  /** Null: today. */
  since: isoDayField.nullable().default(null),
});

export type ColonyFact = z.infer<typeof colonyFact>;
