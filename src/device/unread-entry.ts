import { STAGES } from '../core/cells/stage';
import { unreckonedPhrases } from '../words/pages/unreckoned';
import { dayOfDraft } from './day-of-draft';
import type { EntryQuestion, EntryReading } from './entry-reading';

/**
 * What can be said of an entry where what it means cannot be worked out: nothing, but for the cells that were known, so that it can be
 * made and kept all the same.
 */
export function unreadEntry({ facts, draft, today }: EntryQuestion): EntryReading {
  const on = dayOfDraft(draft, today);
  const ended = facts.inspections.flatMap(({ cells }) =>
    cells.filter(({ found, takenDown }) => takenDown || found === 'not-found' || STAGES[found].group === 'over'),
  );
  const gone = new Set([...ended, ...facts.departures].map(({ cellId }) => cellId));
  return {
    shut: null,
    due: [],
    visits: [],
    leaveShut: [],
    isForced: false,
    known: facts.cells.filter(({ id }) => id in draft.known || !gone.has(id)).map((cell) => ({ cell, last: null })),
    isTwoParts: false,
    price: null,
    outOf: {},
    verdict: { reading: null, next: { words: unreckonedPhrases.nothingToSay, why: unreckonedPhrases.saveAnyway } },
    cells: [],
    axisDay: on,
    moves: [],
  };
}
