import { type Sheet, sheetOf } from '../core/spreadsheets/sheet';
import type { ColonyBackLine } from './looking-back-view';

/** What a span came to, a line for each colony. */
export const lookingBackSheet = (lines: readonly ColonyBackLine[]): Sheet =>
  sheetOf(
    [
      { head: 'apiary', of: ({ apiary }) => apiary },
      { head: 'colony', of: ({ name }) => name },
      { head: 'inspections', of: ({ inspections }) => inspections },
      { head: 'swarms', of: ({ swarms }) => swarms },
      { head: 'casts', of: ({ casts }) => casts },
      { head: 'cells', of: ({ cells }) => cells },
      { head: 'oldest-cell-when-found', of: ({ oldest }) => oldest },
      { head: 'methods', of: ({ methods }) => methods },
      { head: 'late', of: ({ late }) => late },
      { head: 'honey-kg', of: ({ honeyKg }) => honeyKg },
    ],
    lines,
  );
