import type { Day } from '../core/calendar/day';
import { colonyOnDay } from '../core/schedule/standing';
import type { ColonyState } from '../core/state/fold';
import { dueWords } from '../words/due';
import { inWords } from '../words/in-words';
import { type ReadingView, readingView } from './reading-view';

/** What an entry means so far, and by when to be back. */
export interface VerdictView {
  readonly reading: ReadingView | null;
  /** The next thing to do, with its day and why; null: nothing is due. */
  readonly next: { readonly words: string; readonly why: string } | null;
}

export function verdictView(state: ColonyState, today: Day): VerdictView {
  const { lead } = colonyOnDay(state.schedule, today);
  return {
    reading: state.lastInspection && readingView(state.lastInspection, state.queen),
    next: lead && { words: dueWords(lead, today), why: inWords(lead.check.why) },
  };
}
