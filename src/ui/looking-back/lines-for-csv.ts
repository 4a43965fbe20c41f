import type { ColonyBackLine } from '../../views/looking-back-view';

/** A line for each colony, without its identifier. */
export const linesForCsv = (lines: readonly ColonyBackLine[]) => lines.map(({ id: _, ...line }) => line);
