import type { DayRange } from '../calendar/window';
import type { Method } from '../methods/method';
import type { Plan } from '../methods/plan';
import { NO_EGGS_CAME } from '../methods/queen-raising-failures';
import { say } from '../methods/says';
import type { Said } from '../says/said';
import type { Settings } from '../settings/settings';
import { type WayOut, waysOut } from './ways-out';

/** One way that a method can come out: how it shows, between which days, and what can be done then. */
export interface Outcome {
  readonly sign: Said;
  readonly when: DayRange | null;
  /** What is done about it; null: nothing has to be done, or one of `ways`. */
  readonly remedy: Said | null;
  /** Ways on, each dated as if it were begun on the last of those days. */
  readonly ways: readonly WayOut[];
}

/**
 * The tree of outcomes of a planned method: eggs in their window and it is done; none by its end, and the ways on from there; and
 * every other way in which it is known to fail.
 */
export function outcomesOf(method: Method, plan: Plan, settings: Settings): readonly Outcome[] {
  const known = method.failures
    .filter((failure) => failure !== NO_EGGS_CAME || !plan.eggsBy)
    .map(
      (failure): Outcome => ({
        sign: say('failure-sign', { failure }),
        when: null,
        remedy: say('failure-remedy', { failure }),
        ways: [],
      }),
    );
  if (!plan.eggsBy) return known;
  const { earliest, latest, failedOn } = plan.eggsBy;
  const done: Outcome = { sign: say('eggs-seen-done'), when: { from: earliest, to: latest }, remedy: null, ways: [] };
  const none: Outcome = {
    sign: say('no-eggs-by', { on: latest }),
    when: { from: latest, to: failedOn },
    remedy: say('failure-remedy', { failure: NO_EGGS_CAME }),
    ways: waysOut(latest, settings),
  };
  return [done, none, ...known];
}
