'use client';

import { useRef, useState } from 'react';
import { addDays, type Day } from '../../core/calendar/day';

/** A drag of less than this is a click. */
const CLICK_PX = 4;

interface Asked {
  /** Where it is now. */
  readonly planned: Day;
  readonly daysOf: (px: number) => number;
  /** It was let go, or put there by a key. */
  readonly onPut: (to: Day) => void;
  /** It was clicked. */
  readonly onOpen: () => void;
}

/** A mark that is taken to another day: by drag, or with Shift and the arrows and then Enter; Escape leaves it where it was. */
export function useDayDrag({ planned, daysOf, onPut, onOpen }: Asked) {
  /** Where it is being taken; null: nowhere. */
  const [taken, setTaken] = useState<Day | null>(null);
  const from = useRef<{ readonly x: number; readonly isDrag: boolean } | null>(null);
  const at = taken ?? planned;
  const handlers = {
    onPointerDown: (event: React.PointerEvent) => {
      from.current = { x: event.clientX, isDrag: false };
      event.currentTarget.setPointerCapture(event.pointerId);
    },
    onPointerMove: (event: React.PointerEvent) => {
      const grabbed = from.current;
      if (!grabbed) return;
      const px = event.clientX - grabbed.x;
      if (!grabbed.isDrag && Math.abs(px) < CLICK_PX) return;
      from.current = { ...grabbed, isDrag: true };
      setTaken(addDays(planned, daysOf(px)));
    },
    onPointerUp: () => {
      const grabbed = from.current;
      from.current = null;
      if (!grabbed) return;
      if (grabbed.isDrag) onPut(at);
      else onOpen();
    },
    onPointerCancel: () => {
      from.current = null;
      setTaken(null);
    },
    onKeyDown: (event: React.KeyboardEvent) => {
      if (event.shiftKey && (event.key === 'ArrowLeft' || event.key === 'ArrowRight')) {
        event.preventDefault();
        setTaken(addDays(at, event.key === 'ArrowLeft' ? -1 : 1));
      } else if (event.key === 'Enter') {
        event.preventDefault();
        if (taken === null) onOpen();
        else onPut(taken);
      } else if (event.key === 'Escape') setTaken(null);
    },
  };
  return { taken, at, letGo: () => setTaken(null), handlers };
}
