import { isSearch } from '../core/cells/thoroughness';
import type { InspectionFact } from '../core/colony/facts';
import { weekdayWords } from './days';

/** An inspection in a line: its day, what was seen of cells, eggs and queen, and its note. */
export interface VisitLine {
  readonly id: string;
  /** `Sat 15 May: 4 cells, eggs, queen not looked for.` */
  readonly words: string;
  /** As it was written; empty: none. */
  readonly note: string;
}

const EGGS = { seen: 'eggs', none: 'no eggs', 'not-looked-for': 'eggs not looked for' } as const;
const QUEEN = { seen: 'queen seen', none: 'queen not found', 'not-looked-for': 'queen not looked for' } as const;

function cellsWords({ cells, thoroughness }: InspectionFact): string {
  const seen = cells.filter(({ found }) => found !== 'not-found' && found !== 'cup-dry').length;
  if (seen > 0) return seen === 1 ? '1 cell' : `${seen} cells`;
  return isSearch(thoroughness) ? 'no cells' : 'cells not looked for';
}

export const visitLine = (inspection: InspectionFact): VisitLine => ({
  id: inspection.id,
  words: `${weekdayWords(inspection.on)}: ${cellsWords(inspection)}, ${EGGS[inspection.eggs]}, ${QUEEN[inspection.queen]}.`,
  note: inspection.note.trim(),
});
