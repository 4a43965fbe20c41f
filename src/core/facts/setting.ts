import { z } from 'zod';
import { HEMISPHERES, SETTING_LIMITS } from '../settings/settings';

const { leaveShutDays, matingFailedDays, fixedIntervalDays } = SETTING_LIMITS;

/** Settings as the keeper may change them; one that is absent has its default. */
export const settingsFields = z.strictObject({
  hemisphere: z.enum(HEMISPHERES),
  leaveShutDays: z.int().min(leaveShutDays.min).max(leaveShutDays.max),
  matingFailedDays: z.int().min(matingFailedDays.min).max(matingFailedDays.max),
  fixedIntervalDays: z.int().min(fixedIntervalDays.min).max(fixedIntervalDays.max).nullable(),
});

export const SETTING_KEYS = ['hemisphere', 'leaveShutDays', 'matingFailedDays', 'fixedIntervalDays'] as const;
