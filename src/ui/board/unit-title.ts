import { WHOLE } from '../../core/space/proposals/proposal';
import { UNIT_WORDS } from '../../views/unit-words';

/** `the hive`, `the nuc`: a unit of the board in the middle of a sentence. */
export function unitTitle(unit: string): string {
  if (unit === WHOLE) return 'the hive';
  const words = UNIT_WORDS[unit] ?? unit;
  return words.startsWith('on ') ? `the box ${words}` : `the ${words}`;
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
