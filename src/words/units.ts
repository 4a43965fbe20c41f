import { WHOLE } from '../core/space/whole';

/** What a method's units are called on the screen. */
export const UNIT_WORDS: Readonly<Record<string, string>> = {
  nuc: 'nuc',
  parent: 'parent',
  'old-site': 'on the old site',
  top: 'top box',
  bottom: 'bottom box',
  both: 'both halves',
  'queenless-half': 'queenless half',
  'queen-half': 'queen’s half',
  hive: 'hive',
  joined: 'joined to it',
};

/** `the hive`, `the nuc`: a unit in the middle of a sentence. */
export function unitTitle(unit: string): string {
  if (unit === WHOLE) return 'the hive';
  const words = UNIT_WORDS[unit] ?? unit;
  return words.startsWith('on ') ? `the box ${words}` : `the ${words}`;
}
