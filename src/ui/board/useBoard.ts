'use client';

import { useCallback, useReducer } from 'react';
import { type BoardChange, type BoardState, changeBoard } from '../../views/board-state';

interface History {
  readonly past: readonly BoardState[];
  readonly present: BoardState;
  readonly future: readonly BoardState[];
}

type Step = BoardChange | { readonly type: 'undo' } | { readonly type: 'redo' };

function step({ past, present, future }: History, change: Step): History {
  if (change.type === 'undo') {
    const before = past.at(-1);
    return before
      ? { past: past.slice(0, -1), present: before, future: [present, ...future] }
      : { past, present, future };
  }
  if (change.type === 'redo') {
    const [after, ...rest] = future;
    return after ? { past: [...past, present], present: after, future: rest } : { past, present, future };
  }
  return { past: [...past, present], present: changeBoard(present, change), future: [] };
}

/** The board with every change taken back and done again at will. */
export function useBoard(begin: BoardState) {
  const [{ past, present, future }, dispatch] = useReducer(step, { past: [], present: begin, future: [] });
  return {
    board: present,
    change: useCallback((change: BoardChange) => dispatch(change), []),
    undo: past.length > 0 ? () => dispatch({ type: 'undo' }) : null,
    redo: future.length > 0 ? () => dispatch({ type: 'redo' }) : null,
  };
}
