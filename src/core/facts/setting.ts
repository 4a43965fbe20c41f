import { z } from 'zod';
import { DEFAULT_SETTINGS, HEMISPHERES, SETTING_LIMITS, type Settings } from '../settings/settings';

const within = (key: keyof typeof SETTING_LIMITS) => z.int().min(SETTING_LIMITS[key].min).max(SETTING_LIMITS[key].max);

/** Settings as the keeper may change them; one that is absent has its default. */
export const settingsFields = z.strictObject({
  hemisphere: z.enum(HEMISPHERES),
  leaveShutDays: within('leaveShutDays'),
  matingFailedDays: within('matingFailedDays'),
  fixedIntervalDays: within('fixedIntervalDays').nullable(),
  leastBroodNuc: within('leastBroodNuc'),
  leastBroodSplit: within('leastBroodSplit'),
  leastBroodDemaree: within('leastBroodDemaree'),
  leastSeamsDemaree: within('leastSeamsDemaree'),
  mainFlowNearDays: within('mainFlowNearDays'),
  interleaveNightC: within('interleaveNightC'),
  cellsKept: within('cellsKept'),
  secondThinning: z.boolean(),
});

export const SETTING_KEYS = Object.keys(DEFAULT_SETTINGS) as [keyof Settings, ...(keyof Settings)[]];
