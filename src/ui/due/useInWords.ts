'use client';

import type { Said } from '../../core/says/said';
import { useLoaded } from '../loading/useLoaded';

const loadWords = () => import('../../words/in-words');

/** What the core says, in words; null: nothing, or its words are being loaded. */
export function useInWords(said: Said | null): string | null {
  const words = useLoaded(said ? loadWords : null);
  return said && words ? words.inWords(said) : null;
}
