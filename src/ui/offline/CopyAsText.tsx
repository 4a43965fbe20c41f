'use client';

import { useState } from 'react';
import { Button } from '../controls/Button';

/** Puts a text onto the clipboard; where the browser does not let it, the text stands there to be copied by hand. */
export function CopyAsText({ text, label = 'What was entered, as text' }: { text: string; label?: string }) {
  const [state, setState] = useState<'asked' | 'copied' | 'refused'>('asked');
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
      setState('copied');
    } catch {
      setState('refused');
    }
  };
  return (
    <>
      <Button kind="quiet" className="min-h-11" onClick={() => void copy()}>
        {state === 'copied' ? 'Copied' : 'Copy it as text'}
      </Button>
      {state === 'refused' && (
        <textarea
          readOnly
          rows={8}
          value={text}
          aria-label={label}
          className="w-full border-2 border-line bg-paper p-2 text-sm"
        />
      )}
    </>
  );
}
