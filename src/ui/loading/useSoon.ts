'use client';

import { useEffect } from 'react';
import { whenIdle } from './when-idle';

/**
 * Loads what will be wanted a moment later, once the page has come alive and has nothing else to do: what is not shown at first does not hold
 * up what is, and is there when it is wanted, with a signal or without.
 *
 * @param loads made once, outside of any component
 */
export function useSoon(loads: readonly (() => Promise<unknown>)[]): void {
  useEffect(
    () =>
      whenIdle(() => {
        // What could not be loaded is asked for again when it is shown.
        for (const load of loads) load().catch(() => {});
      }),
    [loads],
  );
}
