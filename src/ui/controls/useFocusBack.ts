'use client';

import { useCallback, useState } from 'react';

/**
 * Takes the focus back to where it was when something was opened; for a dialog's `onCloseAutoFocus` too, which knows nothing of a button
 * that is not its own.
 */
export function useFocusBack(): (event?: Event) => void {
  const [before] = useState(() => (typeof document === 'undefined' ? null : document.activeElement));
  return useCallback(
    (event) => {
      event?.preventDefault();
      if (before instanceof HTMLElement && before.isConnected) before.focus({ preventScroll: true });
    },
    [before],
  );
}
