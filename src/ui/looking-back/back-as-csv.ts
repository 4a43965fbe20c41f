import { unparse } from 'papaparse';
import type { ColonyBackLine } from '../../views/looking-back-view';

/** Tells spreadsheet programs that it is UTF-8. */
const MARK = '﻿';

/** A line for each colony; what a spreadsheet program would take for a formula is disarmed. */
export const backAsCsv = (lines: readonly ColonyBackLine[]): string =>
  MARK +
  unparse(
    lines.map(({ id: _, ...line }) => line),
    { escapeFormulae: true, newline: '\r\n' },
  );
