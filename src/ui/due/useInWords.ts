'use client';

import { useEffect, useState } from 'react';
import type { Said } from '../../core/says/said';

/** What the core says, in words; null: nothing, or its words are being loaded, which happens once and is kept on the device. */
export function useInWords(said: Said | null): string | null {
  const [speak, setSpeak] = useState<{ readonly inWords: (said: Said) => string } | null>(null);
  const isAsked = said !== null;
  useEffect(() => {
    if (!isAsked || speak) return;
    let isGone = false;
    void import('../../words/in-words').then(({ inWords }) => isGone || setSpeak({ inWords }));
    return () => {
      isGone = true;
    };
  }, [isAsked, speak]);
  return said && speak ? speak.inWords(said) : null;
}
