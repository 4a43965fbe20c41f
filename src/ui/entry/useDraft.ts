'use client';

import { useEffect, useReducer, useRef, useState } from 'react';
import { type Change, changeDraft, type Draft } from '../../device/draft';
import { dropDraft, putDraft } from '../../device/stored-draft';
import { useDevice } from '../offline/DeviceProvider';

interface History {
  readonly present: Draft;
  readonly past: readonly Draft[];
}

type Step = Change | { readonly type: 'undo' } | { readonly type: 'take-up'; readonly draft: Draft };

function step({ present, past }: History, change: Step): History {
  if (change.type === 'take-up') return { present: change.draft, past: [] };
  if (change.type !== 'undo') return { present: changeDraft(present, change), past: [...past, present] };
  const before = past.at(-1);
  return before ? { present: before, past: past.slice(0, -1) } : { present, past };
}

/**
 * The draft, a way to change it, and a way to take the last change back. Every tap is kept on the device under `key`, and taken up
 * again when the page is opened anew.
 */
export function useDraft(initial: Draft, key: string) {
  const { store } = useDevice();
  const [{ present, past }, dispatch] = useReducer(step, { present: initial, past: [] });
  const [takenUpFrom, setTakenUpFrom] = useState<string | null>(null);
  const isTouched = useRef(false);
  const blank = useRef(initial);

  useEffect(() => {
    if (!store) return;
    void store.get('drafts', key).then((stored) => {
      if (!stored || isTouched.current) return;
      // One kept by an earlier version may lack what was added since.
      dispatch({ type: 'take-up', draft: { ...blank.current, ...stored.draft } });
      setTakenUpFrom(stored.tappedAt);
    });
  }, [store, key]);

  useEffect(() => {
    if (!store || !isTouched.current) return;
    void putDraft(store, { key, draft: present, tappedAt: new Date().toISOString() });
  }, [store, key, present]);

  const touch = (change: Step) => {
    isTouched.current = true;
    dispatch(change);
  };
  return {
    draft: present,
    /** When the draft that was taken up again was last tapped; null: it was begun on this page. */
    takenUpFrom,
    change: (change: Change) => touch(change),
    undo: past.length > 0 ? () => touch({ type: 'undo' }) : null,
    /** Begins anew, and forgets what was kept. */
    beginAnew: () => {
      isTouched.current = false;
      setTakenUpFrom(null);
      dispatch({ type: 'take-up', draft: blank.current });
      if (store) void dropDraft(store, key);
    },
  };
}
