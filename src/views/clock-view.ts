import { addDays, type Day, daysBetween } from '../core/calendar/day';
import type { Window } from '../core/calendar/window';
import { type CellDates, dateCell } from '../core/cells/dating';
import { ageOn } from '../core/cells/expected';
import { explainConflict, explainDating } from '../core/cells/explain';
import { rangeWords } from '../words/days';
import { inWords } from '../words/in-words';
import { clockPhrases } from '../words/pages/clock';
import type { ClockState } from './clock-state';
import type { Mark } from './marks';
import { laidWindow, ribbonMark } from './marks-of';

export interface ClockView {
  readonly dates: CellDates;
  readonly headline: string;
  readonly lines: readonly { readonly name: string; readonly words: string; readonly likely: string | null }[];
  readonly because: readonly string[];
  readonly conflict: string | null;
  readonly marks: readonly Mark[];
  readonly axis: { readonly first: Day; readonly days: number; readonly today: Day };
}

const DAYS_SHOWN = 29;
const DAYS_BEFORE = 2;

/** What the cell clock says. Null while nothing has been seen. */
export function clockView({ sights, checks, queenRemoved }: ClockState, today: Day): ClockView | null {
  const inOrder = sights.map((sight, index) => ({ ...sight, index })).sort((a, b) => a.on - b.on || a.index - b.index);
  const first = inOrder[0];
  if (!first) return null;
  const dates = dateCell({ sights: inOrder, checks, queenRemoved });
  const { laid, sealing, emergence } = dates;
  const conflict = explainConflict(dates, inOrder);
  return {
    dates,
    headline: headlineOf(dates, today),
    lines: [
      { name: 'Laid', words: laidWords(dates), likely: laid ? ageWords(dates, today) : null },
      { name: 'Sealed', words: windowWords(sealing), likely: likelyWords(sealing) },
      { name: clockPhrases.virginEmerges, words: windowWords(emergence), likely: likelyWords(emergence) },
    ],
    because: explainDating(inOrder, checks, queenRemoved).map(inWords),
    conflict: conflict && inWords(conflict),
    marks: [
      ...ribbonMark('laid', laidWindow(laid), 0),
      ...ribbonMark('sealing', sealing, 1),
      ...ribbonMark('emergence', emergence, 2),
      ...sights.map(({ on }): Mark => ({ type: 'look', on, row: 3 })),
    ],
    axis: axisOf(addDays(laid?.from ?? first.on, -DAYS_BEFORE), emergence, today),
  };
}

/** At least four weeks, and until the last day on which she may be out. */
function axisOf(first: Day, emergence: CellDates['emergence'], today: Day): ClockView['axis'] {
  const toLast = emergence ? daysBetween(first, emergence.latest) + 2 : 0;
  return { first, days: Math.max(DAYS_SHOWN, toLast), today };
}

function headlineOf({ status, conflict, emergence, sealing }: CellDates, today: Day): string {
  if (conflict) return clockPhrases.thisCannotAllBeTrue;
  if (status === 'dry') return clockPhrases.aDryCup;
  if (status === 'removed') return clockPhrases.brokenDown;
  if (status === 'destroyed') return clockPhrases.tornDown;
  if (status === 'emerged') return clockPhrases.theVirginIsOut;
  if (!emergence || !sealing) return clockPhrases.tooLittleToDateIt;
  if (today > emergence.latest) return clockPhrases.emergedOrDeadByNow;
  if (today >= emergence.earliest) return clockPhrases.aVirginMayBeOut;
  if (today >= sealing.latest) return clockPhrases.closedVirginOut(emergence.earliest);
  if (today >= sealing.earliest) return clockPhrases.itMayBeSealedNow;
  return clockPhrases.sealedFrom(sealing.earliest);
}

function laidWords({ laid }: CellDates): string {
  if (!laid) return clockPhrases.cannotSay;
  return laid.from === null ? clockPhrases.orBefore(laid.to) : rangeWords({ from: laid.from, to: laid.to });
}

function ageWords({ laid }: CellDates, today: Day): string | null {
  if (!laid || daysBetween(laid.to, today) < 0) return null;
  const { from, to } = ageOn(laid, today);
  return to === null ? clockPhrases.daysOldOrMoreToday(from) : clockPhrases.daysOldToday(from, to);
}

const windowWords = (window: Window | null) =>
  window ? rangeWords({ from: window.earliest, to: window.latest }) : clockPhrases.cannotSay;
const likelyWords = (window: Window | null) =>
  window ? clockPhrases.likely({ from: window.likelyFrom, to: window.likelyTo }) : null;
