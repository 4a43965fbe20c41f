import { type LastLaid, lastLaid } from '../brood/last-laid';
import type { Day } from '../calendar/day';
import { type ColonyCellDates, colonyCellDates } from '../cells/date-cells';
import { type ColonySchedule, colonySchedule } from '../schedule/colony-schedule';
import type { Settings } from '../settings/settings';
import type { ColonyFacts, InspectionFact, QueenEventFact } from './facts';
import { type Look, type LookRead, readLook } from './look';
import { afterInspection, afterQueenEvent, beforeInspection, type QueenState, queenStateAtStart } from './queen-state';
import { followCells, mayStillHoldQueen, type TrackedCell } from './track-cells';

/** A colony as it stands on one day. All of it follows from the facts; none of it is stored. */
export interface ColonyState {
  readonly today: Day;
  /** In order of time. */
  readonly looks: readonly Look[];
  readonly lastLook: Look | null;
  readonly cells: readonly TrackedCell[];
  readonly cellDates: ColonyCellDates;
  readonly queen: QueenState;
  /** From the last inspection that noted the youngest brood; null when none did. */
  readonly lastLaid: (LastLaid & { readonly seenOn: Day }) | null;
  readonly schedule: ColonySchedule;
  readonly ended: boolean;
}

type Step =
  | { readonly on: Day; readonly inspection: InspectionFact }
  | { readonly on: Day; readonly event: QueenEventFact };

const EMPTY_SCHEDULE: ColonySchedule = { checks: [], leaveShut: [], emergence: null, eggsBy: null };

/**
 * The state of a colony on `today` from its facts, which may come in any order. Facts dated after `today` are not yet known
 * and do not count. Of one day, inspections count before what befell the queen, since that is mostly done at the visit.
 */
export function foldColony(facts: ColonyFacts, settings: Settings, today: Day): ColonyState {
  const inspections = facts.inspections
    .filter(({ on }) => on <= today)
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  const steps: Step[] = [
    ...inspections.map((inspection) => ({ on: inspection.on, inspection })),
    ...facts.queenEvents.filter(({ on }) => on <= today).map((event) => ({ on: event.on, event })),
  ].sort((a, b) => a.on - b.on);

  const { origin, startedOn } = facts;
  const looks: Look[] = [];
  let queen = queenStateAtStart(origin, startedOn);
  const cellFacts = new Map(facts.cells.map((cell) => [cell.id, cell]));
  const removals: Day[] = [];
  const followed = new Map<string, TrackedCell>();
  const soFar: InspectionFact[] = [];
  let cells: readonly TrackedCell[] = [];
  let brood: ColonyState['lastLaid'] = null;
  let alreadyDue: Day | null = null;

  const scheduleNow = (look: LookRead | null) =>
    colonySchedule({ startedOn, origin, look, queen, alreadyDue, settings });

  for (const step of steps) {
    if ('event' in step) {
      queen = afterQueenEvent(queen, step.event);
      if (queen.removedOn === step.on) removals.push(step.on);
      continue;
    }
    const { inspection } = step;
    const lookedBefore = looks.at(-1)?.inspection.on ?? inspection.on;
    const knownBefore = cells.filter((cell) => mayStillHoldQueen(cell, lookedBefore));
    soFar.push(inspection);
    followCells(followed, cellFacts, inspection, soFar, removals);
    cells = [...followed.values()];
    const liveNow = cells.filter((cell) => mayStillHoldQueen(cell, inspection.on)).length;
    queen = beforeInspection(queen, inspection, knownBefore, liveNow);
    const look = readLook(inspection, cells, queen);
    queen = afterInspection(queen, inspection, look.reading.reading, cells);
    if (inspection.youngest !== null) {
      const before = looks.findLast(({ inspection: { eggs } }) => eggs === 'seen');
      brood = {
        seenOn: inspection.on,
        ...lastLaid({
          on: inspection.on,
          youngest: inspection.youngest,
          eggsLookedFor: inspection.eggs !== 'not-looked-for',
          lastEggsSeen: before?.inspection.on ?? null,
        }),
      };
    }
    const next = scheduleNow(look).checks[0]?.window ?? null;
    looks.push({ ...look, next, queenAfter: queen });
    alreadyDue = next?.latest ?? alreadyDue;
  }

  const lastLook = looks.at(-1) ?? null;
  const ended = facts.endedOn !== null && facts.endedOn <= today;
  // What stood due before the last look, so that a look that tells too little does not count its own date.
  alreadyDue = looks.at(-2)?.next?.latest ?? null;
  return {
    today,
    looks,
    lastLook,
    cells,
    cellDates: colonyCellDates(cells.filter(({ goneMissing }) => !goneMissing).map(({ planBy }) => planBy)),
    queen,
    lastLaid: brood,
    schedule: ended ? EMPTY_SCHEDULE : scheduleNow(lastLook),
    ended,
  };
}
