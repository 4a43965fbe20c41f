import { z } from 'zod';
import { ALL_METHOD_NAMES } from '../methods/method';
import { WORK_KINDS } from '../space/work-list/work-list';
import { isoDayField, minuteField } from './day-field';
import { idField } from './fields';
import { frameField, hiveField } from './hive';
import { LIMITS } from './limits';
import { saidField } from './said-field';
import { startsEntry } from './starts';

const plannedUnit = z.strictObject({ name: z.string().min(1).max(LIMITS.code), hive: hiveField });
const planStep = z.strictObject({
  kind: z.enum(WORK_KINDS),
  text: saidField,
  frameIds: z.array(idField).max(LIMITS.frames).readonly(),
});

export type PlannedUnit = z.infer<typeof plannedUnit>;
export type PlanStep = z.infer<typeof planStep>;

/** Where frames are to go, and the list by which it is done. */
export const framePlanFact = z.strictObject({
  id: idField,
  colonyId: idField,
  method: z.enum(ALL_METHOD_NAMES),
  on: isoDayField,
  units: z.array(plannedUnit).min(1).max(LIMITS.units).readonly(),
  out: z.array(frameField).max(LIMITS.framesOut).readonly(),
  queenFrameId: idField.nullable(),
  steps: z.array(planStep).max(LIMITS.planSteps).readonly(),
  done: z.array(z.int().min(0).max(LIMITS.planSteps)).max(LIMITS.planSteps).readonly(),
  finishedAt: minuteField.nullable(),
  /**
   * What is begun when the list is worked off, on the day of that: the method, with what goes to other colonies on the same visit. Null:
   * frames are moved, and nothing more.
   */
  begins: startsEntry.nullable().default(null),
});

export type FramePlan = z.infer<typeof framePlanFact>;

/** How far a plan has been worked off. */
export const planProgress = z.strictObject({
  id: idField,
  /** The minute at which it was said. */
  at: minuteField,
  done: z.array(z.int().min(0).max(LIMITS.planSteps)).max(LIMITS.planSteps).readonly(),
  /** All is done as listed: the frames are now where the plan says. */
  isFinished: z.boolean(),
  /** Given up. */
  isDropped: z.boolean(),
});

export type PlanProgress = z.infer<typeof planProgress>;
