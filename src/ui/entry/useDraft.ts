'use client';

import { useReducer } from 'react';
import { type Change, changeDraft, type Draft } from './draft';

interface History {
  readonly present: Draft;
  readonly past: readonly Draft[];
}

type Step = Change | { readonly type: 'undo' };

function step({ present, past }: History, change: Step): History {
  if (change.type !== 'undo') return { present: changeDraft(present, change), past: [...past, present] };
  const before = past.at(-1);
  return before ? { present: before, past: past.slice(0, -1) } : { present, past };
}

/** The draft, a way to change it, and a way to take the last change back. */
export function useDraft(initial: Draft) {
  const [{ present, past }, dispatch] = useReducer(step, { present: initial, past: [] });
  return {
    draft: present,
    change: (change: Change) => dispatch(change),
    undo: past.length > 0 ? () => dispatch({ type: 'undo' }) : null,
  };
}
