import type { CellFinding } from '../colony/facts';
import { STAGES } from './stage';

/** What was found of a cell, in a few words. */
export function findingWords(found: CellFinding): string {
  return found === 'not-found' ? 'gone' : STAGES[found].name;
}
