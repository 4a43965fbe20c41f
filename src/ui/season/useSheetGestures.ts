'use client';

import { useGesture } from '@use-gesture/react';
import { type RefObject, useEffect, useRef } from 'react';
import { flingStep, isStill } from './scale';

/** What the fingers do to the sheet. */
interface Moves {
  readonly panPx: (px: number) => void;
  /** By so many times, about a point of the strip. */
  readonly scaleBy: (factor: number, atPx: number) => void;
}

const WHEEL_PX_A_STEP = 100;

const hasQuietMotion = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/** What is pressed rather than dragged: a finger drags over everything but the planned checks, a mouse leaves links alone. */
const PRESSED = { touch: 'button, .season-tag', mouse: 'a, button' } as const;

/**
 * Moves the sheet by hand: dragged with a finger or the mouse, and going on by itself for a moment when it is let go; with two fingers
 * scaled about the point between them and moved along with it; by wheel.
 */
export function useSheetGestures(
  sheet: RefObject<HTMLElement | null>,
  strip: RefObject<HTMLElement | null>,
  { panPx, scaleBy }: Moves,
): void {
  const frame = useRef(0);
  const stop = () => cancelAnimationFrame(frame.current);
  useEffect(() => () => cancelAnimationFrame(frame.current), []);
  const fling = (pxAMs: number) => {
    let [speed, before] = [pxAMs, performance.now()];
    const next = (now: number) => {
      const step = flingStep(speed, now - before);
      [speed, before] = [step.pxAMs, now];
      panPx(step.px);
      if (!isStill(speed)) frame.current = requestAnimationFrame(next);
    };
    frame.current = requestAnimationFrame(next);
  };
  const onStrip = (clientX: number) => clientX - (strip.current?.getBoundingClientRect().left ?? 0);
  useGesture(
    {
      onDragStart: stop,
      onDrag: ({ delta: [dx], event, first, last, pinching, cancel, velocity: [speed], direction: [way] }) => {
        const { target } = event;
        const isTouch = 'pointerType' in event && event.pointerType === 'touch';
        const pressed = target instanceof Element && target.closest(isTouch ? PRESSED.touch : PRESSED.mouse);
        if (pinching || (first && pressed)) return cancel();
        panPx(-dx);
        if (last && isTouch && !hasQuietMotion()) fling(-way * speed);
      },
      onPinchStart: stop,
      onPinch: ({ first, offset: [scale], origin: [x], memo }) => {
        const before = first ? { scale, x } : (memo as { scale: number; x: number });
        panPx(before.x - x);
        scaleBy(scale / before.scale, onStrip(x));
        return { scale, x };
      },
      onWheel: ({ event, delta: [dx, dy] }) => {
        stop();
        if (event.ctrlKey) {
          // Else the whole page is scaled with it.
          event.preventDefault();
          scaleBy(2 ** (-dy / WHEEL_PX_A_STEP / 3), onStrip(event.clientX));
        } else if (event.shiftKey) panPx(dy === 0 ? dx : dy);
        else if (dx !== 0) panPx(dx);
      },
    },
    {
      target: sheet,
      eventOptions: { passive: false },
      drag: { axis: 'x', filterTaps: true, pointer: { capture: false, keys: false } },
      pinch: { pinchOnWheel: false },
    },
  );
}
