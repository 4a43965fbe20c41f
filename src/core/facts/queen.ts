import { z } from 'zod';
import { QUEEN_EVENTS, SWARM_WENT } from '../colony/facts';
import { QUEEN_ORIGINS } from '../queens/origin';
import { isoDayField, minuteField } from './day-field';
import { idField, noteField } from './fields';

/** A queen: where she came from and, as far as known, between which days she emerged. */
export const queenFact = z.strictObject({
  id: idField,
  motherQueenId: idField.nullable(),
  origin: z.enum(QUEEN_ORIGINS),
  emergedFrom: isoDayField.nullable(),
  emergedTo: isoDayField.nullable(),
  note: noteField,
  /** Daughters are wanted of her. */
  isToBreedFrom: z.boolean().default(false),
});

export type QueenFact = z.infer<typeof queenFact>;

/** Two queens who are one: the first is to be taken for the second. */
export const queensJoined = z.strictObject({ id: idField, intoId: idField });
export type QueensJoined = z.infer<typeof queensJoined>;

/** A join taken back: the queen that is no more stands in the records again. */
export const queenParted = z.strictObject({ id: idField });
export type QueenParted = z.infer<typeof queenParted>;

/** What stood in the records before two queens were made one, so that it can be taken back. */
export const joinedBefore = z.object({
  queen: queenFact,
  intoId: idField,
  /** The other as she was, and as she was made. */
  into: queenFact,
  made: queenFact,
  eventIds: z.array(idField),
  programmeIds: z.array(idField),
  daughterIds: z.array(idField),
});
export type JoinedBefore = z.infer<typeof joinedBefore>;

/** Something that happened to a queen in a colony on a day. */
export const queenEventFact = z.strictObject({
  id: idField,
  queenId: idField,
  colonyId: idField,
  /** Local minute; null: not noted, it counts in the order of entry. */
  at: minuteField.nullable().default(null),
  on: isoDayField,
  /** The last day on which it may have been; null: the day is certain. */
  to: isoDayField.nullable().default(null),
  kind: z.enum(QUEEN_EVENTS),
  /** Of a swarm: where it went, and the colony that it was hived as; null: none, or not known. */
  went: z.enum(SWARM_WENT).nullable().default(null),
  hivedAsId: idField.nullable().default(null),
  note: noteField,
});

/** Something that happened to a queen, with the queen herself where she is new to the records. */
export const queenEntry = z.strictObject({ event: queenEventFact, newQueen: queenFact.nullable() });
export type QueenEntry = z.infer<typeof queenEntry>;
