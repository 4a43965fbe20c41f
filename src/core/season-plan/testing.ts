import { type Day, day } from '../calendar/day';
import { seasonStarting } from '../year/beekeeping-year';
import { placeYear } from '../year/place-year';
import type { SeasonHooks } from './intentions';
import type { SeasonPlan } from './plan';
import type { SeasonSeen } from './season-seen';
import type { WayName } from './way';

/** The north, by months: swarms from April to July, the main flow in June. */
export const NORTH = placeYear([4, 5, 6, 7], null);
export const HOOKS: SeasonHooks = {
  season: seasonStarting(2027, NORTH),
  flow: { from: day('2027-06-05'), to: day('2027-07-05') },
};

/** A day of 2027, `MM-DD`. */
export const on = (text: string): Day => day(`2027-${text}`);

/** A plan for tests, as nothing else was said. */
export const aPlan = (way: WayName, over: Partial<SeasonPlan> = {}): SeasonPlan => ({
  id: 'plan',
  colonyId: 'home',
  year: 2027,
  way,
  plannedOn: on('01-20'),
  count: 1,
  method: null,
  by: null,
  moved: new Map(),
  dropped: new Set(),
  again: new Map(),
  ...over,
});

/** A colony of which nothing was seen that says anything. */
export const NOTHING_SEEN: SeasonSeen = {
  begun: [],
  boxes: [],
  charged: [],
  swarmed: [],
  hasLayingQueen: true,
  endedOn: null,
};
