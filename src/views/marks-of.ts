import type { Day } from '../core/calendar/day';
import type { Window } from '../core/calendar/window';
import type { LaidRange } from '../core/cells/dating';
import { isOpenCell, isSealed } from '../core/cells/stage';
import { emergenceOf, sealingOf, type TrackedCell } from '../core/colony/track-cells';
import { firstEggsWindow } from '../core/queens/virgin-care';
import type { Check } from '../core/schedule/check';
import type { ColonySchedule } from '../core/schedule/colony-schedule';
import { standingOf } from '../core/schedule/standing';
import { CHECK_NAMES } from '../words/check-names';
import { RIBBON_WORDS, type RibbonKind } from '../words/marks';
import { type Mark, toneOf } from './marks';

export function ribbonMark(kind: RibbonKind, window: Window | null, row: number): Mark[] {
  return window ? [{ type: 'ribbon', kind, window, label: RIBBON_WORDS[kind], row }] : [];
}

export function checkMark(check: Check, leaveShut: ColonySchedule['leaveShut'], today: Day, row: number): Mark {
  const tone = toneOf(standingOf(check, leaveShut, today));
  return {
    type: 'check',
    window: check.window,
    label: tone === 'late' ? 'late' : CHECK_NAMES[check.code],
    tone,
    row,
  };
}

/**
 * When the cells of a colony close and their virgins come out, on one line where the two spans leave room for it, else on two.
 * Cells that were seen closed are not shown as still to close.
 */
export function cellsMarks(cells: readonly TrackedCell[], expected: Window | null): readonly Mark[] {
  const open = cells.filter(({ lastStage }) => isOpenCell(lastStage));
  const sealing = sealingOf(open);
  const emergence = emergenceOf(cells) ?? expected;
  const overlap = sealing !== null && emergence !== null && emergence.earliest <= sealing.latest;
  return [...ribbonMark('sealing', sealing, 0), ...ribbonMark('emergence', emergence, overlap ? 1 : 0)];
}

/** The first line below some marks. */
export function rowBelow(marks: readonly Mark[]): number {
  return Math.max(-1, ...marks.map(({ row }) => row)) + 1;
}

/**
 * One cell from laying to the eggs of its queen, on one line, or on two where the spans run into one another. What is over is not
 * shown as still to come.
 */
export function cellMarks({ planBy, dates, lastStage }: TrackedCell): readonly Mark[] {
  const { status, sealing, emergence } = planBy;
  if (status !== 'live' && status !== 'emerged') return [];
  const laid = laidWindow(dates.laid ?? planBy.laid);
  const spans: (readonly [RibbonKind, Window | null])[] = [
    ['laid', laid],
    ['sealing', status === 'live' ? sealing : null],
    ['emergence', emergence],
    ['eggs', emergence && firstEggsWindow(emergence)],
  ];
  const marks: Mark[] = [];
  let before: { readonly latest: Day; readonly row: number } | null = null;
  for (const [kind, window] of spans) {
    if (!window) continue;
    const row: number = before && window.earliest <= before.latest ? 1 - before.row : 0;
    const label = kind === 'sealing' && isSealed(lastStage) ? 'sealed' : RIBBON_WORDS[kind];
    marks.push({ type: 'ribbon', kind, window, label, row });
    before = { latest: window.latest, row };
  }
  return marks;
}

/** Laid on any of these days, none likelier than another; null without a first day. */
export function laidWindow(laid: LaidRange | null): Window | null {
  if (laid === null || laid.from === null) return null;
  return { earliest: laid.from, likelyFrom: laid.from, likelyTo: laid.to, latest: laid.to };
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
    marks.push(...ribbonMark('eggs', { earliest, likelyFrom: ideal, likelyTo: latest, latest }, firstRow));
  }
  const below = firstRow + (marks.length > 0 ? 1 : 0);
  const due = eggsBy ? checks.filter(({ code }) => code !== 'eggs') : checks;
  return [...marks, ...due.slice(0, 2).map((check, i) => checkMark(check, leaveShut, today, below + i * 2))];
}
