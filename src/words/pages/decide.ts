import type { DayRange } from '../../core/calendar/window';
import { rangeWords } from '../days';

/** The choices for a colony. */
export const decidePhrases = {
  aYoungQueenMayLay: (days: DayRange) => `A young queen may lay ${rangeWords(days)}.`,
  theBoughtQueenLays: (days: DayRange) => `The bought queen lays ${rangeWords(days)}.`,
  raisesNoQueenByItself: 'Raises no queen by itself.',
  theOldQueenGoes: 'The old queen goes on laying.',
  withoutFindingTheQueen: (methods: readonly string[]) => `Without finding the queen: ${methods.join(' · ')}`,
  nothingHeavy: 'Nothing heavy.',
  visitsAfterIt: (visits: number) => (visits === 1 ? 'One visit after it.' : `${visits} visits after it.`),
};
