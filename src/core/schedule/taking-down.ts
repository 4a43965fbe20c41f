import { figure } from '../biology/figure';
import { addDays, type Day } from '../calendar/day';
import type { Thoroughness } from '../cells/thoroughness';
import type { InspectionRead } from '../colony/inspection-known';
import { nextInspection } from '../inspections/next-inspection';
import { methodNamed } from '../methods/methods';
import type { ProgrammePart } from '../programmes/facts';
import type { Said } from '../says/said';
import { sentences } from '../says/together';
import { say } from './says';

/** Broken down so often in a row, it is said plainly that it does not work. */
const TIMES_IN_A_ROW = figure('breaking-cells-down-is-not-working-after', 2, 'times-running', 'caution');
/** Looks further apart than this are not one run of swarm preparations. */
const SAME_RUN = figure('looks-of-one-run-of-swarm-preparations-at-most-apart', 14, 'days', 'caution');

/** What taking the cells down at a look buys, and what it has bought so far. */
export interface TakingDownPrice {
  /** The last day on which the colony is safe by it. */
  readonly until: Day;
  /** Looks in a row, before this one, at which cells were broken down and nothing else was done. */
  readonly timesBefore: number;
  readonly isWorking: boolean;
  readonly words: Said;
}

/**
 * Breaking cells down buys days and is no control: the bees start again from a larva about four days old.
 *
 * @param looksBefore those before this one, in order of time
 * @param parts the programmes begun before it
 */
export function takingDownPrice(
  on: Day,
  thoroughness: Thoroughness,
  looksBefore: readonly Pick<InspectionRead, 'inspection' | 'takenDown'>[],
  parts: readonly ProgrammePart[],
): TakingDownPrice {
  const rule = nextInspection({ on, thoroughness, cellsRemoved: true, clipped: false, alreadyDue: null });
  const timesBefore = timesRunning(on, looksBefore, parts);
  const isWorking = timesBefore + 1 < TIMES_IN_A_ROW.value;
  return {
    until: rule.latest,
    timesBefore,
    isWorking,
    words: sentences(
      say('breaking-down-buys', { until: rule.latest }),
      timesBefore > 0 && say('done-in-a-row', { times: timesBefore }),
      !isWorking && say('not-working'),
    ),
  };
}

function timesRunning(
  on: Day,
  looks: readonly Pick<InspectionRead, 'inspection' | 'takenDown'>[],
  parts: readonly ProgrammePart[],
): number {
  const begun = parts
    .filter(({ programme }) => ['swarm', 'queen'].includes(methodNamed(programme.method).kind))
    .map(({ programme }) => programme.on);
  let times = 0;
  let next = on;
  for (const { inspection, takenDown } of [...looks].reverse()) {
    const isFar = addDays(inspection.on, SAME_RUN.value) < next;
    if (takenDown === 0 || isFar || begun.some((day) => day >= inspection.on)) break;
    times += 1;
    next = inspection.on;
  }
  return times;
}
