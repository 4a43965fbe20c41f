'use client';

import { BUTTON } from './styles';

/** Prints the page; not on paper itself. */
export function PrintButton() {
  return (
    <button type="button" className={`${BUTTON.plain} print:hidden`} onClick={() => window.print()}>
      Print
    </button>
  );
}
