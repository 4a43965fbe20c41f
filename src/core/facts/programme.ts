import { z } from 'zod';
import { CELL_TRAVELS } from '../colony/facts';
import { ALL_METHOD_NAMES, FOLLOW_UP_CODES } from '../methods/method';
import { problem } from '../problems/says';
import { isoDayField, minuteField } from './day-field';
import { idField, noteField } from './fields';
import { LIMITS } from './limits';

/** A method as it was started on a colony. */
export const programmeFact = z.strictObject({
  id: idField,
  colonyId: idField,
  method: z.enum(ALL_METHOD_NAMES),
  /** Local minute; null: not noted, it counts in the order of entry. */
  at: minuteField.nullable().default(null),
  on: isoDayField,
  /** The last day on which it may have been begun; null: the day is certain. */
  to: isoDayField.nullable().default(null),
  /** Given up on this day; null: it runs to its end. */
  endedOn: isoDayField.nullable(),
  secondThinning: z.boolean(),
  onlySealedBroodUp: z.boolean(),
  /** The queen was not found: every bee was shaken down below an excluder. */
  queenShakenDown: z.boolean(),
  buysQueen: z.boolean(),
  /** A part faces away or a wall and is turned back a little each day. */
  turnsDaily: z.boolean().default(false),
  /** The queen that went to another unit or was given; null: none, or she is not in the book. */
  queenId: idField.nullable(),
  note: noteField,
});

/** Which colony one of the method's units is. */
export const programmeUnitFact = z.strictObject({
  id: idField,
  programmeId: idField,
  unit: z.string().min(1).max(LIMITS.code),
  colonyId: idField,
});

/** A cell that was kept, or given, when the programme began. */
export const keptCellFact = z.strictObject({ id: idField, programmeId: idField, cellId: idField });

/** A step of the method ticked at the hive; steps count from 0. */
export const stepDoneFact = z.strictObject({
  id: idField,
  programmeId: idField,
  step: z.int().min(0).max(LIMITS.steps),
  at: minuteField,
});

/** A step ticked, or its tick taken away. */
export const stepTick = stepDoneFact.extend({ isDone: z.boolean() });

export type StepTick = z.infer<typeof stepTick>;

/** What a follow-up came to. */
export const checkAnswerFact = z.strictObject({
  id: idField,
  programmeId: idField,
  /** The colony at which it was asked. */
  colonyId: idField,
  code: z.enum(FOLLOW_UP_CODES),
  nth: z.int().min(1).max(LIMITS.steps),
  at: minuteField,
  answer: z.string().min(1).max(LIMITS.code),
  /** Of `which-half`: the half without the queen. */
  queenlessColonyId: idField.nullable(),
  note: noteField,
});

export type CheckAnswer = z.infer<typeof checkAnswerFact>;

export const CHECK_CHANGES = ['moved', 'skipped', 'as-it-was'] as const;

/** A check put on another day, left out, or put back as it was. */
export const checkChangeFact = z.strictObject({
  id: idField,
  colonyId: idField,
  key: z.string().min(1).max(LIMITS.key),
  at: minuteField,
  kind: z.enum(CHECK_CHANGES),
  /** The chosen day of a moved one, else null. */
  to: isoDayField.nullable(),
  reason: z.string().trim().max(LIMITS.note),
});

export type CheckChange = z.infer<typeof checkChangeFact>;

/** A cell that went from its colony to another. */
export const cellMoveFact = z.strictObject({
  id: idField,
  cellId: idField,
  toColonyId: idField,
  /** The letter it goes by there. */
  label: z.string().regex(/^[a-z]{1,4}$/, { error: problem('not-a-label') }),
  /** Local minute; null: not noted. */
  at: minuteField.nullable().default(null),
  on: isoDayField,
  travel: z.enum(CELL_TRAVELS),
});
