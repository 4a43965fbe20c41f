'use client';

import { Button } from './Button';

/** Prints the page; not on paper itself. */
export function PrintButton() {
  return (
    <Button kind="plain" className="print:hidden" onClick={() => window.print()}>
      Print
    </Button>
  );
}
