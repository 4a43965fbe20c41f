import { z } from 'zod';
import { problem } from '../problems/says';
import { isoDayField, minuteField } from './day-field';
import { idField } from './fields';

/** What can stand on a hive scale, kg. */
export const SCALE_BOUNDS = { min: 0, max: 500 } as const;

/** A reading as it is handed in. */
export const scaleReading = z.strictObject({
  at: minuteField,
  kg: z.number().min(SCALE_BOUNDS.min).max(SCALE_BOUNDS.max),
});

/** What the scale under a colony read on one day, in order of time: minute of the day, and kg. */
export const scaleDayFact = z.strictObject({
  id: idField,
  colonyId: idField,
  on: isoDayField,
  readings: z
    .array(z.tuple([z.int().min(0).max(1439), z.number().min(SCALE_BOUNDS.min).max(SCALE_BOUNDS.max)]))
    .max(1440)
    .refine((readings) => readings.every(([minute], i) => i === 0 || minute > (readings[i - 1]?.[0] ?? 0)), {
      error: problem('readings-not-in-order'),
    }),
});
export type ScaleDayFact = z.infer<typeof scaleDayFact>;

export const SCALE_ANSWERS = ['swarm', 'cast', 'none', 'look'] as const;
/** What a sudden loss was: a prime swarm, a cast, none, or not known before the colony has been looked at. */
export type ScaleAnswer = (typeof SCALE_ANSWERS)[number];

/** What the keeper says of a sudden loss on the scale. */
export const scaleAnswerFact = z.strictObject({
  id: idField,
  colonyId: idField,
  /** The minute of the loss, as the scale has it. */
  at: minuteField,
  answer: z.enum(SCALE_ANSWERS),
  saidAt: minuteField,
});
export type ScaleAnswerFact = z.infer<typeof scaleAnswerFact>;

/** The same as it is handed in. */
export const scaleAnswerEntry = scaleAnswerFact.omit({ saidAt: true });
export type ScaleAnswerEntry = z.infer<typeof scaleAnswerEntry>;
