'use client';

import { useCallback, useEffect, useReducer, useRef, useState } from 'react';
import { inTime } from '../../device/in-time';
import { dropDraft, putDraft } from '../../device/stored-draft';
import { useDevice } from './DeviceProvider';

interface History<State> {
  readonly past: readonly State[];
  readonly present: State;
  readonly future: readonly State[];
}

type Step<State, Change> =
  | { readonly do: 'change'; readonly change: Change }
  | { readonly do: 'undo' | 'redo' }
  | { readonly do: 'begin'; readonly state: State };

/** What is kept on the device: what it began with, and how far it has come. */
export interface Kept<State> {
  readonly begin: State;
  readonly present: State;
}

const stepBy =
  <State, Change>(apply: (state: State, change: Change) => State) =>
  ({ past, present, future }: History<State>, step: Step<State, Change>): History<State> => {
    switch (step.do) {
      case 'begin':
        return { past: [], present: step.state, future: [] };
      case 'change':
        return { past: [...past, present], present: apply(present, step.change), future: [] };
      case 'undo': {
        const before = past.at(-1);
        if (before === undefined) return { past, present, future };
        return { past: past.slice(0, -1), present: before, future: [present, ...future] };
      }
      case 'redo': {
        const [after, ...rest] = future;
        if (after === undefined) return { past, present, future };
        return { past: [...past, present], present: after, future: rest };
      }
    }
  };

/**
 * Something that is changed tap by tap, each to be taken back and done again. Every tap is kept on the device under `key`, and taken
 * up again when the page is opened anew, until it is forgotten. What it begins with is asked for once.
 *
 * @param takeUp what to go on with of what was kept; null: it does not fit any more
 */
export function useKeptHistory<State, Change>(
  apply: (state: State, change: Change) => State,
  initial: State,
  key: string,
  takeUp: (kept: Kept<State>) => State | null,
) {
  const { store } = useDevice();
  const begin = useRef(initial);
  const [{ past, present, future }, dispatch] = useReducer(stepBy(apply), {
    past: [],
    present: initial,
    future: [],
  });
  const [takenUpFrom, setTakenUpFrom] = useState<string | null>(null);
  const [isKept, setKept] = useState(true);
  const isTouched = useRef(false);
  const howToTakeUp = useRef(takeUp);

  useEffect(() => {
    if (!store) return;
    void store.get('drafts', key).then((stored) => {
      if (!stored || isTouched.current) return;
      const state = howToTakeUp.current({ begin: stored.begin as State, present: stored.draft as State });
      if (state === null) return;
      dispatch({ do: 'begin', state });
      setTakenUpFrom(stored.tappedAt);
    });
  }, [store, key]);

  useEffect(() => {
    if (!store || !isTouched.current) return;
    const put = putDraft(store, { key, begin: begin.current, draft: present, tappedAt: new Date().toISOString() });
    void inTime(put).then(setKept);
  }, [store, key, present]);

  const tap = useCallback((step: Step<State, Change>) => {
    isTouched.current = true;
    dispatch(step);
  }, []);
  const forget = () => {
    isTouched.current = false;
    if (store) void inTime(dropDraft(store, key));
  };
  return {
    present,
    change: useCallback((change: Change) => tap({ do: 'change', change }), [tap]),
    undo: past.length > 0 ? () => tap({ do: 'undo' }) : null,
    redo: future.length > 0 ? () => tap({ do: 'redo' }) : null,
    /** When what was taken up again was last tapped; null: it was begun on this page. */
    takenUpFrom,
    /** False: the device did not keep the last tap. */
    isKept,
    forget,
    /** Begins anew, and forgets what was kept. */
    beginAnew: () => {
      forget();
      setTakenUpFrom(null);
      dispatch({ do: 'begin', state: begin.current });
    },
  };
}
