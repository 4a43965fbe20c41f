import { figure } from '../biology/figure';
import { LEAVE_SHUT_DAYS, MATING_FAILED } from '../biology/mating';
import { SOURCES } from '../biology/sources';

export const HEMISPHERES = ['north', 'south'] as const;
export type Hemisphere = (typeof HEMISPHERES)[number];

const ROUTINE = 'days between routine looks outside the swarm season';
export const BUILD_UP_INTERVAL = figure('Routine in build-up', 14, ROUTINE, SOURCES.caution);
export const AFTER_SEASON_INTERVAL = figure('Routine after the swarm season', 21, ROUTINE, SOURCES.caution);

/** What the keeper may change. Every value has a default. */
export interface Settings {
  readonly hemisphere: Hemisphere;
  /** Days after the latest emergence for which a hive with a virgin is left shut. */
  readonly leaveShutDays: number;
  /** Days after which a mating counts as failed. */
  readonly matingFailedDays: number;
  /** A fixed number of days between looks in the swarm season; null: by the hidden-cell rule. */
  readonly fixedIntervalDays: number | null;
}

export const DEFAULT_SETTINGS: Settings = {
  hemisphere: 'north',
  leaveShutDays: LEAVE_SHUT_DAYS.value,
  matingFailedDays: MATING_FAILED.value,
  fixedIntervalDays: null,
};

/** What each setting may be, both ends included. */
export const SETTING_LIMITS = {
  leaveShutDays: { min: 5, max: 21 },
  matingFailedDays: { min: 21, max: 42 },
  fixedIntervalDays: { min: 3, max: 14 },
} as const;
