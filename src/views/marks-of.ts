import type { Day } from '../core/calendar/day';
import type { Window } from '../core/calendar/window';
import type { TrackedCell } from '../core/colony/track-cells';
import { CHECK_NAMES, type Check, urgencyOf } from '../core/schedule/check';
import type { ColonySchedule } from '../core/schedule/colony-schedule';
import { type Mark, RIBBON_WORDS, type RibbonKind } from './marks';

export function ribbonMark(kind: RibbonKind, window: Window | null, row: number): Mark[] {
  return window ? [{ type: 'ribbon', kind, window, label: RIBBON_WORDS[kind], row }] : [];
}

export function checkMark(check: Check, today: Day, row: number): Mark {
  const urgency = urgencyOf(check, today);
  return {
    type: 'check',
    window: check.window,
    label: urgency === 'late' ? 'late' : CHECK_NAMES[check.code],
    tone: urgency,
    row,
  };
}

/** When one cell closes and when its virgin comes out, on one line. What is over is not shown as still to come. */
export function cellMarks({ planBy }: TrackedCell): readonly Mark[] {
  if (planBy.status !== 'live' && planBy.status !== 'emerged') return [];
  const closes = planBy.status === 'live' ? ribbonMark('sealing', planBy.sealing, 0) : [];
  return [...closes, ...ribbonMark('emergence', planBy.emergence, 0)];
}

/** A colony's checks and the days it is to be left shut, each on a line of its own below `firstRow`. */
export function scheduleMarks(
  { checks, leaveShut, eggsBy }: ColonySchedule,
  today: Day,
  firstRow: number,
): readonly Mark[] {
  const shut = leaveShut.filter(({ from, to }) => from <= to);
  const marks: Mark[] = shut.map(({ from, to }) => ({ type: 'shut', from, to, row: firstRow }));
  if (eggsBy) {
    const { earliest, ideal, latest } = eggsBy;
    marks.push(...ribbonMark('eggs', { earliest, likelyFrom: ideal, likelyTo: ideal, latest }, firstRow));
  }
  const below = firstRow + (marks.length > 0 ? 1 : 0);
  const due = eggsBy ? checks.filter(({ code }) => code !== 'eggs') : checks;
  return [...marks, ...due.slice(0, 2).map((check, i) => checkMark(check, today, below + i * 2))];
}
