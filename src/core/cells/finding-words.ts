import type { CellFinding } from '../colony/facts';
import { STAGES } from './stage';

/** What was found of a cell, in a few words. */
export function findingWords(found: CellFinding): string {
  return found === 'not-found' ? 'not there any more' : STAGES[found].name;
}

export function findingLook(found: CellFinding): string {
  return found === 'not-found' ? 'looked for, and no trace of it' : STAGES[found].look;
}
