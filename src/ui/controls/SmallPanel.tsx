'use client';

import type { ReactNode } from 'react';
import { useFocusBack } from './useFocusBack';

interface Props {
  readonly onClose: () => void;
  readonly children: (done: () => void) => ReactNode;
}

/** A few fields that open below a button: Escape closes them, and the focus is then on the button again, as when they are done. */
export function SmallPanel({ onClose, children }: Props) {
  const focusBack = useFocusBack();
  const close = () => {
    focusBack();
    onClose();
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the keys come from the fields within
    <div
      onKeyDown={(event) => {
        // A month that is open within closes first.
        if (event.key !== 'Escape' || event.defaultPrevented) return;
        event.stopPropagation();
        close();
      }}
    >
      {children(close)}
    </div>
  );
}
