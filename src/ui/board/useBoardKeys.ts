'use client';

import { useCallback, useRef, useState } from 'react';
import type { Arrangement } from '../../core/space/arrangement';
import { type Arrow, type BoardChange, neighbourByArrow, placeByArrow } from '../../views/board-state';

const ARROWS: Readonly<Record<string, Arrow>> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
};

/**
 * The board by keys: arrows walk from frame to frame; the space bar picks one up, arrows then move it, the space bar or Escape puts
 * it down; Delete takes it out.
 */
export function useBoardKeys(arrangement: Arrangement, change: (change: BoardChange) => void) {
  const [selected, setSelected] = useState<string | null>(null);
  const [pickedUp, setPickedUp] = useState<string | null>(null);
  const [focused, setFocused] = useState<string | null>(null);
  const select = useCallback((frameId: string | null) => {
    setSelected(frameId);
    setFocused(frameId);
  }, []);
  const now = useRef({ arrangement, pickedUp });
  now.current = { arrangement, pickedUp };
  // It keeps its identity, so that a box is only drawn anew when something of its own has changed.
  const onKey = useCallback(
    (event: React.KeyboardEvent, frameId: string) => {
      const { arrangement: here, pickedUp: held } = now.current;
      const arrow = ARROWS[event.key];
      if (event.key === ' ') {
        setPickedUp(held === frameId ? null : frameId);
        select(frameId);
      } else if (event.key === 'Escape' && held !== null) setPickedUp(null);
      else if (event.key === 'Delete') change({ type: 'move', frameId, to: null });
      else if (arrow && held === frameId) {
        const to = placeByArrow(here, frameId, arrow);
        if (to) change({ type: 'move', frameId, to });
        setFocused(frameId);
      } else if (arrow) {
        const next = neighbourByArrow(here, frameId, arrow);
        if (next !== null) select(next);
      } else return;
      event.preventDefault();
    },
    [change, select],
  );
  return { selected, pickedUp, focused, select, onKey };
}
