import { QUEEN_EMERGES } from '../biology/development';
import { addDays, type Day, daysBetween, earliestOf, latestOf } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { dayWords } from '../calendar/words';
import { type NextInspection, nextInspection } from '../inspections/next-inspection';
import type { Thoroughness } from '../inspections/thoroughness';
import { AFTER_SEASON_INTERVAL, BUILD_UP_INTERVAL, type Settings } from '../settings/settings';
import { endOfRest, seasonPart } from './beekeeping-year';

export interface RoutineFrom {
  readonly on: Day;
  readonly thoroughness: Thoroughness;
  readonly cellsRemoved: boolean;
  readonly clipped: boolean;
  readonly alreadyDue: Day | null;
  /** Too little was seen to set a new date: one that stands already stays. */
  readonly datesStand: boolean;
}

export interface Routine {
  readonly window: CheckWindow;
  readonly why: string;
}

const LOOKED_WORDS: { readonly [T in Thoroughness]: string } = {
  cleared: 'bees shaken or brushed off every brood frame',
  'bees-on': 'bees were left on, so an egg in a cup may have been missed',
  'tip-up': 'only tipped up or a few frames seen, so nothing is ruled out',
};

function windowUpTo(on: Day, ideal: Day, latest: Day): CheckWindow {
  const best = latestOf(addDays(on, 1), ideal);
  const last = latestOf(best, latest);
  return { earliest: latestOf(addDays(on, 1), addDays(best, -1)), ideal: best, latest: last };
}

/**
 * With a clipped queen both days: when a missed cell may be sealed, and she be lost with a swarm that comes back; and when the first
 * virgin may be out, with whom the colony is lost. After a tip-up nothing is counted to either.
 */
function clippedWords(from: RoutineFrom, { hiddenAge }: NextInspection): string {
  if (!from.clipped || hiddenAge === null) return '';
  const out = addDays(from.on, QUEEN_EMERGES.value.early - hiddenAge);
  return ` She is clipped: she herself may be lost with a swarm that returns; the colony once a virgin is out, from ${dayWords(out)}.`;
}

/**
 * The next routine look. In the swarm season by the hidden-cell rule ({@link nextInspection}), or the keeper's own interval with
 * the risk it takes; outside it at fixed intervals; never in the rest of winter.
 */
export function routineLook(from: RoutineFrom, settings: Settings): Routine {
  const { on, alreadyDue, datesStand, thoroughness, cellsRemoved } = from;
  const part = seasonPart(on, settings.hemisphere);
  if (part !== 'swarm-season') {
    const interval = part === 'build-up' ? BUILD_UP_INTERVAL.value : AFTER_SEASON_INTERVAL.value;
    const due = addDays(on, interval);
    const awake = endOfRest(due, settings.hemisphere);
    const why =
      awake > due
        ? 'Nothing to look for in the rest of winter; first look in build-up.'
        : `Routine look, every ${interval} days outside the swarm season.`;
    return { window: windowUpTo(on, awake, addDays(awake, 3)), why };
  }

  const rule = nextInspection(from);
  if (datesStand && alreadyDue !== null && alreadyDue > on) {
    const latest = earliestOf(rule.latest, alreadyDue);
    return {
      window: windowUpTo(on, addDays(latest, -1), latest),
      why: 'Too little was seen for a later date.',
    };
  }
  const because = cellsRemoved
    ? `You broke cells down. That buys time until ${dayWords(rule.latest)}; it does not stop swarming.`
    : `Last inspection: ${LOOKED_WORDS[thoroughness]}. A missed cell could be sealed after ${dayWords(nextInspection({ ...from, clipped: false }).latest)}.`;
  const clippedNote = clippedWords(from, rule);
  const interval = settings.fixedIntervalDays;
  if (interval !== null && !cellsRemoved && rule.hiddenAge !== null) {
    const latest = addDays(on, interval);
    const over = daysBetween(rule.latest, latest);
    const risk = over > 0 ? ` That is ${over} day${over === 1 ? '' : 's'} later than what was seen allows.` : '';
    return {
      window: windowUpTo(on, addDays(latest, -1), latest),
      why: `Your own interval of ${interval} days.${risk}`,
    };
  }
  return { window: windowUpTo(on, rule.ideal, rule.latest), why: because + clippedNote };
}
