'use client';

import { useState } from 'react';
import { Button } from '../controls/Button';

/** What a picture shows, line by line: always there for who does not see it, and shown to whoever asks. */
export function InWords({ lines }: { readonly lines: readonly string[] }) {
  const [isShown, setShown] = useState(false);
  return (
    <>
      <Button kind="quiet" className="min-h-11 text-sm" aria-expanded={isShown} onClick={() => setShown(!isShown)}>
        {isShown ? 'Hide the words' : 'In words'}
      </Button>
      <ol className={isShown ? 'list-decimal pl-6 text-sm' : 'sr-only'}>
        {lines.map((words, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: lines are never re-ordered
          <li key={i}>{words}</li>
        ))}
      </ol>
    </>
  );
}
