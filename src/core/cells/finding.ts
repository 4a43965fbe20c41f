import { CELL_STAGES } from './stage';

/** What an inspection finds of a cell: its stage, or that it was looked for and is no longer there. */
export const CELL_FINDINGS = [...CELL_STAGES, 'not-found'] as const;
