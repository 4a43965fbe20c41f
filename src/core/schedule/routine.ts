import { QUEEN_EMERGES } from '../biology/development';
import { figure } from '../biology/figure';
import { addDays, type Day, daysBetween, earliestOf, latestOf } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { isSearch, type Searched } from '../cells/thoroughness';
import { type NextInspection, nextInspection } from '../inspections/next-inspection';
import type { Said } from '../says/said';
import { sentences } from '../says/together';
import { AFTER_SEASON_INTERVAL, BUILD_UP_INTERVAL, type SettingsHere, yearHere } from '../settings/settings';
import { endOfRest, seasonPart } from '../year/beekeeping-year';
import { say } from './says';

export const FIRST_LOOK_WITHIN = figure('first-look-at-a-colony-new-to-the-book', 7, 'days', 'caution');

export interface RoutineFrom {
  readonly on: Day;
  readonly thoroughness: Searched;
  readonly cellsRemoved: boolean;
  readonly clipped: boolean;
  readonly alreadyDue: Day | null;
  /** Too little was seen to set a new date: one that stands already stays. */
  readonly datesStand: boolean;
}

export interface Routine {
  readonly window: CheckWindow;
  readonly why: Said;
}

/** Why nothing follows from a look, where none had told of cells before it, and where one had. */
const NO_SEARCH = {
  'not-searched': { first: 'cells-never-searched', later: 'cells-not-searched' },
  'not-said': { first: 'search-never-said', later: 'search-not-said' },
} as const;

function windowUpTo(on: Day, ideal: Day, latest: Day): CheckWindow {
  const best = latestOf(addDays(on, 1), ideal);
  const last = latestOf(best, latest);
  return { earliest: latestOf(addDays(on, 1), addDays(best, -1)), ideal: best, latest: last };
}

/**
 * With a clipped queen both days: when a missed cell may be sealed, and she be lost with a swarm that comes back; and when the first
 * virgin may be out, with whom the colony is lost. After a tip-up nothing is counted to either.
 */
function clippedSaid(from: RoutineFrom, { hiddenAge }: NextInspection): Said | null {
  if (!from.clipped || hiddenAge === null) return null;
  return say('she-is-clipped', { virginFrom: addDays(from.on, QUEEN_EMERGES.value.early - hiddenAge) });
}

/**
 * The next routine look. In the swarm season by the hidden-cell rule ({@link nextInspection}), or the keeper's own interval with
 * the risk it takes; outside it at fixed intervals; never in the rest of winter.
 */
export function routineLook(from: RoutineFrom, settings: SettingsHere): Routine {
  const { on, alreadyDue, datesStand, thoroughness, cellsRemoved } = from;
  const year = yearHere(settings);
  const part = seasonPart(on, year);
  if (part !== 'swarm-season') {
    const interval = part === 'build-up' ? BUILD_UP_INTERVAL.value : AFTER_SEASON_INTERVAL.value;
    const due = addDays(on, interval);
    const awake = endOfRest(due, year);
    const why = awake > due ? say('first-in-build-up') : say('outside-the-swarm-season', { interval });
    return { window: windowUpTo(on, awake, addDays(awake, 3)), why };
  }

  if (!isSearch(thoroughness) && !cellsRemoved) {
    const latest = alreadyDue ?? addDays(on, FIRST_LOOK_WITHIN.value);
    return {
      window: windowUpTo(on, addDays(latest, -1), latest),
      why: say(NO_SEARCH[thoroughness][alreadyDue === null ? 'first' : 'later']),
    };
  }
  const searched = { ...from, thoroughness: isSearch(thoroughness) ? thoroughness : ('tip-up' as const) };
  const rule = nextInspection(searched);
  if (datesStand && alreadyDue !== null && alreadyDue > on) {
    const latest = earliestOf(rule.latest, alreadyDue);
    return {
      window: windowUpTo(on, addDays(latest, -1), latest),
      why: say('too-little-seen'),
    };
  }
  const because = cellsRemoved
    ? say('cells-broken-down', { until: rule.latest })
    : say('last-inspection', {
        thoroughness: searched.thoroughness,
        sealedAfter: nextInspection({ ...searched, clipped: false }).latest,
      });
  const interval = settings.fixedIntervalDays;
  if (interval !== null && !cellsRemoved && rule.hiddenAge !== null) {
    const latest = addDays(on, interval);
    const over = daysBetween(rule.latest, latest);
    const risk = over > 0 && say('later-than-allowed', { days: over });
    return {
      window: windowUpTo(on, addDays(latest, -1), latest),
      why: sentences(say('own-interval', { days: interval }), risk),
    };
  }
  return { window: windowUpTo(on, rule.ideal, rule.latest), why: sentences(because, clippedSaid(from, rule)) };
}
