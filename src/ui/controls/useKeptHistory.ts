'use client';

import { useCallback, useEffect, useReducer, useState } from 'react';

interface History<State> {
  readonly past: readonly State[];
  readonly present: State;
  readonly future: readonly State[];
}

type Step<State, Change> =
  | { readonly do: 'change'; readonly change: Change }
  | { readonly do: 'undo' | 'redo' }
  | { readonly do: 'begin'; readonly state: State };

/** What is kept in the browser: what it began with, and how far it has come. */
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
 * Something that is changed step by step, each to be taken back and done again. How far it has come is kept in the browser under
 * `key` until it is forgotten, and taken up from there.
 *
 * @param takeUp what to go on with of what was kept; null: it does not fit any more
 */
export function useKeptHistory<State, Change>(
  apply: (state: State, change: Change) => State,
  begin: State,
  key: string,
  takeUp: (kept: Kept<State>) => State | null,
) {
  const [{ past, present, future }, dispatch] = useReducer(stepBy(apply), { past: [], present: begin, future: [] });
  const [isTakenUp, setTakenUp] = useState(false);
  const [isTouched, setTouched] = useState(false);

  // biome-ignore lint/correctness/useExhaustiveDependencies: what was kept is read once, when the page opens
  useEffect(() => {
    const kept = localStorage.getItem(key);
    const state = kept === null ? null : takeUp(JSON.parse(kept) as Kept<State>);
    if (state === null) return;
    dispatch({ do: 'begin', state });
    setTakenUp(true);
  }, [key]);

  useEffect(() => {
    if (isTouched) localStorage.setItem(key, JSON.stringify({ begin, present } satisfies Kept<State>));
  }, [key, begin, present, isTouched]);

  const change = useCallback((what: Change) => {
    setTouched(true);
    dispatch({ do: 'change', change: what });
  }, []);
  const forget = () => {
    setTouched(false);
    localStorage.removeItem(key);
  };
  return {
    present,
    change,
    undo: past.length > 0 ? () => dispatch({ do: 'undo' }) : null,
    redo: future.length > 0 ? () => dispatch({ do: 'redo' }) : null,
    isTakenUp,
    forget,
    beginAnew: () => {
      forget();
      setTakenUp(false);
      dispatch({ do: 'begin', state: begin });
    },
  };
}
