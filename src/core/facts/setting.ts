import { z } from 'zod';
import { isTimeZone } from '../calendar/local-minute';
import { problem } from '../problems/says';
import { DEFAULT_SETTINGS, SETTING_LIMITS, type Settings } from '../settings/settings';
import { UNITS } from '../units/units';
import { idField, nameField } from './fields';
import { LIMITS } from './limits';
import { monthsField } from './months-field';

const amount = (key: keyof typeof SETTING_LIMITS) =>
  z.number().min(SETTING_LIMITS[key].min).max(SETTING_LIMITS[key].max);
const within = (key: keyof typeof SETTING_LIMITS) => z.int().min(SETTING_LIMITS[key].min).max(SETTING_LIMITS[key].max);

/** A frame size of the keeper’s own. */
const frameSizeField = z.strictObject({
  id: idField,
  name: nameField,
  cells: z.int().min(500).max(20_000),
  places: z.int().min(1).max(LIMITS.frames),
});

/** Settings as the keeper may change them; one that is absent has its default. */
export const settingsFields = z.strictObject({
  swarmMonths: monthsField,
  leaveShutDays: within('leaveShutDays'),
  matingFailedDays: within('matingFailedDays'),
  fixedIntervalDays: within('fixedIntervalDays').nullable(),
  leastBroodNuc: within('leastBroodNuc'),
  leastBroodSplit: within('leastBroodSplit'),
  leastBroodDemaree: within('leastBroodDemaree'),
  leastSeamsDemaree: within('leastSeamsDemaree'),
  mainFlowNearDays: within('mainFlowNearDays'),
  interleaveNightC: within('interleaveNightC'),
  onlySealedUpNightC: within('onlySealedUpNightC'),
  lightFlowKg: amount('lightFlowKg'),
  strongFlowKg: amount('strongFlowKg'),
  broodSize: z.string().min(1).max(LIMITS.code),
  superSize: z.string().min(1).max(LIMITS.code),
  ownSizes: z.array(frameSizeField).max(LIMITS.ownSizes).readonly(),
  timeZone: z
    .string()
    .max(LIMITS.name)
    .refine(isTimeZone, { error: problem('not-a-time-zone') })
    .nullable(),
  cellsKept: within('cellsKept'),
  units: z.strictObject({
    mass: z.enum(UNITS.mass),
    temperature: z.enum(UNITS.temperature),
    length: z.enum(UNITS.length),
    distance: z.enum(UNITS.distance),
  }),
  secondThinning: z.boolean(),
});

export const SETTING_KEYS = Object.keys(DEFAULT_SETTINGS) as [keyof Settings, ...(keyof Settings)[]];
