import { z } from 'zod';
import { QUEEN_EVENTS } from '../colony/facts';
import { isoDayField } from '../formats/day-field';
import { idField, noteField } from './fields';

export const QUEEN_ORIGINS = ['raised', 'bought', 'swarm', 'unknown'] as const;

/** A queen: where she came from and, as far as known, between which days she emerged. */
export const queenFact = z.strictObject({
  id: idField,
  motherQueenId: idField.nullable(),
  origin: z.enum(QUEEN_ORIGINS),
  emergedFrom: isoDayField.nullable(),
  emergedTo: isoDayField.nullable(),
  note: noteField,
});

/** Something that befell a queen in a colony on a day. */
export const queenEventFact = z.strictObject({
  id: idField,
  queenId: idField,
  colonyId: idField,
  on: isoDayField,
  kind: z.enum(QUEEN_EVENTS),
  note: noteField,
});
