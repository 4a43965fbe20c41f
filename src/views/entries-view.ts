import type { InspectionEntry } from '../core/facts/entry';
import { minuteWords } from '../words/days';
import type { EntryLine } from '../words/entry-lines';
import { inspectionLines } from '../words/inspection-lines';

/** An inspection as it was entered. */
export interface EnteredView {
  readonly id: string;
  readonly when: string;
  readonly lines: readonly EntryLine[];
}

/** Inspections as they were entered, the newest first: nothing is concluded from them. */
export const enteredView = (
  entries: readonly InspectionEntry[],
  labelOf: (cellId: string) => string,
): readonly EnteredView[] =>
  [...entries]
    .sort((a, b) => (a.at < b.at ? 1 : -1))
    .map((entry) => ({ id: entry.id, when: minuteWords(entry.at), lines: inspectionLines(entry, labelOf) }));
