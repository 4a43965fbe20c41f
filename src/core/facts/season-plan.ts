import { z } from 'zod';
import { FIRST_YEAR, LAST_YEAR } from '../calendar/day';
import { ALL_METHOD_NAMES } from '../methods/method';
import { NEW_COLONIES_AT_MOST, WAY_NAMES } from '../season-plan/way';
import { isoDayField } from './day-field';
import { idField } from './fields';
import { LIMITS } from './limits';

const actKey = z.string().min(1).max(LIMITS.code);

/** How one colony is to be run over one season. */
export const seasonPlanFact = z.strictObject({
  id: idField,
  colonyId: idField,
  /** The calendar year in which the swarms of that season begin to come. */
  year: z.int().min(FIRST_YEAR).max(LAST_YEAR),
  way: z.enum(WAY_NAMES),
  /** The day on which it was chosen: what was found up to then says nothing against it. */
  plannedOn: isoDayField,
  /** New colonies, where the way makes some. */
  count: z.int().min(1).max(NEW_COLONIES_AT_MOST).default(1),
  /** Which of the methods that its act allows; null: the usual one. */
  method: z.enum(ALL_METHOD_NAMES).nullable().default(null),
  /** Until when, where the way asks for a day; null: as usual. */
  by: isoDayField.nullable().default(null),
  /** The days that acts were put on, by the act's key. */
  moved: z.record(actKey, isoDayField).default({}),
  dropped: z.array(actKey).max(LIMITS.steps).readonly().default([]),
  /** Acts that are meant all the same: what was found up to that day does not count against them. */
  again: z.record(actKey, isoDayField).default({}),
});
export type SeasonPlanFact = z.infer<typeof seasonPlanFact>;

/** Plans as they are now, and those that are none any more. */
export const seasonPlansSaid = z.strictObject({
  plans: z.array(seasonPlanFact).max(LIMITS.coloniesAtOnce).readonly(),
  gone: z.array(idField).max(LIMITS.coloniesAtOnce).readonly(),
});
export type SeasonPlansSaid = z.infer<typeof seasonPlansSaid>;
