import { addDays, type Day, latestOf } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { mayStillHoldQueen } from '../colony/track-cells';
import { type Check, isDaily, type LeaveShut, opensNest } from '../schedule/check';
import { standingOf } from '../schedule/standing';
import type { ColonyState } from '../state/fold';
import type { RoundCheck } from './asked';
import { type EarlyKnown, earlyFrom } from './early';
import type { Gift } from './round-order';
import { weightOf } from './weight';
import { KIND_OF, type MinutesByKind, OPENING_MINUTES, type VisitKind } from './work';

/** A colony as the planner sees it. */
export interface VisitedColony extends EarlyKnown {
  readonly id: string;
  readonly apiaryId: string;
  readonly checks: readonly Check[];
  readonly leaveShut: readonly LeaveShut[];
  /** Live cells with a queen to come. */
  readonly hasCells: boolean;
}

/** Something to be done at a hive, with the check that asks for it. */
export interface VisitCheck extends RoundCheck {
  readonly colonyId: string;
  readonly check: Check;
  readonly kind: VisitKind;
  readonly isLate: boolean;
}

type VisitedState = Pick<ColonyState, 'schedule' | 'liveCells' | 'today' | 'lastInspection' | 'parts'>;

/** A standing colony as the planner sees it. */
export const visitedColony = (
  { id, apiaryId }: { readonly id: string; readonly apiaryId: string },
  { schedule, liveCells, today, lastInspection, parts }: VisitedState,
): VisitedColony => ({
  id,
  apiaryId,
  checks: schedule.checks,
  leaveShut: schedule.leaveShut,
  hasCells: liveCells.some((cell) => mayStillHoldQueen(cell, today)),
  lastLook: lastInspection?.inspection.on ?? null,
  began: (programmeId) => parts.find(({ programme }) => programme.id === programmeId)?.programme.on ?? null,
});

/** A check's name among those of all colonies. */
export const visitId = (colonyId: string, key: string): string => `${colonyId} ${key}`;

/** The colony that such a name is of. */
export const colonyOfVisit = (id: string): string => id.slice(0, id.indexOf(' '));

/**
 * What of a colony's checks is planned between two days: those that are late, or whose best day or last day is not after the last of them.
 * What is late keeps its own days, and what the keeper put on another day is done from that day on. On days on which the hive is to be left
 * shut only what forces it open is done, and what such days end has no sense after its last day.
 */
export function toVisit(
  { id, apiaryId, checks, leaveShut, hasCells, ...known }: VisitedColony,
  days: { readonly today: Day; readonly last: Day },
  minutes: MinutesByKind,
): readonly VisitCheck[] {
  const { today, last } = days;
  return checks.flatMap((check): VisitCheck[] => {
    const { code, key } = check;
    if (isDaily(code)) return [];
    const window = windowOf(check);
    if (window.ideal > last && window.latest > last) return [];
    const shut = check.opens && check.forced === null ? leaveShut.filter(({ from, to }) => from <= to) : [];
    // Wholly within days on which it is to be left shut: it waits for them, not for a round.
    const [first, end] = [latestOf(window.earliest, today), latestOf(window.latest, today)];
    if (shut.some(({ from, to }) => from <= first && to >= end)) return [];
    const early = earlyFrom(check, known, today);
    const closed = shut.find(({ from }) => from > end);
    const kind = KIND_OF[code];
    return [
      {
        id: visitId(id, key),
        apiary: apiaryId,
        window,
        ...(early === undefined ? {} : { earlyFrom: early }),
        ...(closed === undefined ? {} : { notAfter: addDays(closed.from, -1) }),
        minutes: minutes[kind] + (check.opens ? OPENING_MINUTES : 0),
        opens: opensNest(check),
        weight: weightOf(check, leaveShut, hasCells),
        shut,
        colonyId: id,
        check,
        kind,
        isLate: standingOf(check, leaveShut, today) === 'late',
      },
    ];
  });
}

function windowOf({ window, plannedFor }: Check): CheckWindow {
  if (plannedFor === null) return window;
  return { earliest: plannedFor, ideal: plannedFor, latest: latestOf(plannedFor, window.latest) };
}

/**
 * Pairs that are done on one day: both halves of a split that are looked at for the queen, and of a colony that gives frames and the one that
 * receives them what weighs most at each.
 */
export function couplesOf(
  visits: readonly VisitCheck[],
  gifts: readonly Gift[] = [],
): readonly (readonly [string, string])[] {
  const heaviest = (id: string) =>
    visits
      .filter(({ colonyId }) => colonyId === id)
      .reduce<VisitCheck | null>((most, one) => (most && most.weight >= one.weight ? most : one), null);
  const given = gifts.flatMap(([giver, receiver]) => {
    const [one, other] = [heaviest(giver), heaviest(receiver)];
    return one && other ? [[one.id, other.id] as const] : [];
  });
  return [...halvesOf(visits), ...given];
}

function halvesOf(visits: readonly VisitCheck[]): readonly (readonly [string, string])[] {
  const halves = visits.filter(({ check }) => check.code === 'which-half' && check.programme !== null);
  return halves.flatMap((one, i) =>
    halves
      .slice(i + 1)
      .filter(({ check, colonyId }) => check.programme?.id === one.check.programme?.id && colonyId !== one.colonyId)
      .map((other) => [one.id, other.id] as const),
  );
}

/** Pairs of which the windows have no day in common. */
export function apart(
  visits: readonly VisitCheck[],
  couples: readonly (readonly [string, string])[],
): readonly (readonly [VisitCheck, VisitCheck])[] {
  const of = new Map(visits.map((visit) => [visit.id, visit]));
  return couples.flatMap(([a, b]) => {
    const [one, other] = [of.get(a), of.get(b)];
    if (!one || !other) return [];
    const from = latestOf(one.window.earliest, other.window.earliest);
    const isApart = from > one.window.latest || from > other.window.latest;
    return isApart ? [[one, other] as const] : [];
  });
}
