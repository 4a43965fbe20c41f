import type { Said } from '../core/says/said';
import { inWords } from './in-words';

/** What was said and stored, perhaps by another Ubbet that knew other words: what cannot be read is said so, and breaks no page. */
export function storedWords(said: Said): string {
  try {
    return inWords(said);
  } catch {
    return 'This Ubbet does not know what was written here. Make the list anew.';
  }
}
