import type { Day } from '../core/calendar/day';
import type { CheckWindow, Window } from '../core/calendar/window';
import type { CheckCode, LeaveShut } from '../core/schedule/check';
import { standingOf } from '../core/schedule/standing';
import { CHECK_NAMES } from '../words/check-names';
import { type Mark, toneOf } from './marks';
import { ribbonMark } from './marks-of';

/** What is drawn of a plan, or of one unit of it. */
export interface PlanDrawn {
  readonly checks: readonly { readonly code: CheckCode; readonly window: CheckWindow }[];
  readonly leaveShut: readonly LeaveShut[];
  readonly emergence: Window | null;
  readonly eggsBy: CheckWindow | null;
}

const LETTER_DAYS = 1;
const TAG_ROWS = 2;

/** Days that a label takes at most on a strip of seven weeks, on a phone. */
const breadthOf = (label: string) => 2 + label.length * LETTER_DAYS;

/**
 * A plan on one strip: the emergence, the days to leave shut with the eggs due after them, and every check, on as many lines as keep
 * their labels apart.
 */
export function planMarks({ checks, leaveShut, emergence, eggsBy }: PlanDrawn, today: Day): readonly Mark[] {
  const marks: Mark[] = [...ribbonMark('emergence', emergence, 0)];
  const shutRow = marks.length > 0 ? 1 : 0;
  for (const { from, to } of leaveShut) if (from <= to) marks.push({ type: 'shut', from, to, row: shutRow });
  if (eggsBy) {
    const { earliest, ideal, latest } = eggsBy;
    marks.push(...ribbonMark('eggs', { earliest, likelyFrom: ideal, likelyTo: latest, latest }, shutRow));
  }
  const firstRow = marks.length > 0 ? shutRow + 1 : 0;
  const lanes: number[] = [];
  const shown = eggsBy ? checks.filter(({ code }) => code !== 'eggs') : checks;
  for (const { code, window } of [...shown].sort((a, b) => a.window.ideal - b.window.ideal)) {
    const label = CHECK_NAMES[code];
    const [start, end] = [window.ideal - breadthOf(label) / 2, window.ideal + breadthOf(label) / 2];
    let lane = lanes.findIndex((taken) => taken <= start);
    if (lane < 0) lane = lanes.length;
    lanes[lane] = Math.max(end, window.latest + 1);
    const tone = toneOf(standingOf({ window, plannedFor: null, opens: true, forced: null }, [], today));
    marks.push({ type: 'check', window, label, tone, row: firstRow + lane * TAG_ROWS });
  }
  return marks;
}
