'use client';

import { useEffect, useState } from 'react';
import { whenIdle } from './when-idle';

/**
 * What comes a moment after the page, once it is asked for; null: not yet. It comes once and is kept on the device.
 *
 * @param load made once, outside of any component; null: it is not asked for
 */
export function useLoaded<T extends object>(load: (() => Promise<T>) | null): T | null {
  const [loaded, setLoaded] = useState<T | null>(null);
  useEffect(() => {
    if (!load || loaded) return;
    let isGone = false;
    const callOff = whenIdle(() => {
      load().then(
        (found) => isGone || setLoaded(found),
        // Without a signal, and not kept yet: it is asked for again when the page is next opened.
        () => {},
      );
    });
    return () => {
      isGone = true;
      callOff();
    };
  }, [load, loaded]);
  return loaded;
}
