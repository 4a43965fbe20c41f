import type { Day } from '../calendar/day';
import { bestDay, type Check, type LeaveShut, stakeOf } from './check';
import { shutOn } from './leave-shut-wins';

/**
 * How a check stands on a day. Late: its last day, and the day that the keeper chose for it, are past. Now: it can be done. Later: its
 * first day, or the chosen one, is still to come. Set aside: the hive is to be left shut on that day, and it does not force it open.
 */
export type Standing = 'late' | 'now' | 'later' | 'set-aside';

export interface CheckOnDay {
  readonly check: Check;
  readonly standing: Standing;
}

/** What a colony asks of its keeper on one day. */
export interface ColonyOnDay {
  /** It is to be left shut that day; null: it may be opened. */
  readonly shut: LeaveShut | null;
  /** To be done that day, what presses most first. */
  readonly due: readonly CheckOnDay[];
  /** To come, or set aside for that day, in order of the day they are best done. */
  readonly later: readonly CheckOnDay[];
  /** What is said first: the most pressing of what is due, else what comes next; null: there is nothing. */
  readonly lead: CheckOnDay | null;
}

/** What of a schedule is asked. */
interface Asked {
  readonly checks: readonly Check[];
  readonly leaveShut: readonly LeaveShut[];
}

/** As much of a check as says how it stands. */
export type Dated = Pick<Check, 'window' | 'plannedFor' | 'opens' | 'forced'>;

export function standingOf(check: Dated, leaveShut: readonly LeaveShut[], day: Day): Standing {
  const { window, plannedFor, opens, forced } = check;
  const first = plannedFor ?? window.earliest;
  if (day < first) return 'later';
  if (opens && forced === null && shutOn(leaveShut, day)) return 'set-aside';
  return day > window.latest && day > (plannedFor ?? day - 1) ? 'late' : 'now';
}

/** Which of two presses more: by what can be lost, then by the last day, then by the best. */
export function byPressing(a: Check, b: Check): number {
  return stakeOf(a) - stakeOf(b) || a.window.latest - b.window.latest || bestDay(a) - bestDay(b);
}

/**
 * What is to be done at a colony on a day, and whether it is to be left shut: the one answer that every screen, the round, the sheet
 * and the calendar give. A check that the keeper put on another day is due from that day on.
 */
export function colonyOnDay({ checks, leaveShut }: Asked, day: Day): ColonyOnDay {
  const all = checks.map((check): CheckOnDay => ({ check, standing: standingOf(check, leaveShut, day) }));
  const isDue = ({ standing }: CheckOnDay) => standing === 'late' || standing === 'now';
  const due = all.filter(isDue).sort((a, b) => byPressing(a.check, b.check));
  const later = all.filter((one) => !isDue(one)).sort((a, b) => bestDay(a.check) - bestDay(b.check));
  return { shut: shutOn(leaveShut, day), due, later, lead: due[0] ?? later[0] ?? null };
}

/**
 * Which of two colonies is seen to first on a day: one at which something is due, and among those the one that can lose more, then
 * the one with the earlier last day.
 */
export function byPressingLead(a: ColonyOnDay, b: ColonyOnDay): number {
  if (a.due.length === 0 || b.due.length === 0) {
    const of = ({ due, lead }: ColonyOnDay) =>
      due.length > 0 ? -1 : lead ? bestDay(lead.check) : Number.MAX_SAFE_INTEGER;
    return of(a) - of(b);
  }
  return byPressing((a.due[0] as CheckOnDay).check, (b.due[0] as CheckOnDay).check);
}
