'use client';

import { useEffect, useState } from 'react';

/** From this width on a screen has two columns, as in the style sheet. */
const WIDE = '(min-width: 60rem)';

/** Whether the screen is a desk's; false until that is known. */
export function useIsWide(): boolean {
  const [isWide, setWide] = useState(false);
  useEffect(() => {
    const query = window.matchMedia(WIDE);
    const tell = () => setWide(query.matches);
    tell();
    query.addEventListener('change', tell);
    return () => query.removeEventListener('change', tell);
  }, []);
  return isWide;
}
