'use client';

import { memo, useContext, useEffect, useRef } from 'react';
import type { Frame } from '../../core/space/hive';
import { DROP } from '../../views/board-state';
import { frameContents } from '../../words/frame-contents';
import { FrameComb } from '../frames/FrameComb';
import { DragWaysContext } from './DragWays';

export interface BoardFrameProps {
  readonly frame: Frame;
  /** From the left, from 1. */
  readonly place: number;
  readonly isQueenHere: boolean;
  readonly cell: 'kept' | 'other' | null;
  readonly isShaken: boolean;
  /** The gravest that a rule has against it. */
  readonly fault: 'stop' | 'warn' | null;
  readonly isSelected: boolean;
  readonly isPickedUp: boolean;
  readonly hasFocus: boolean;
  readonly onSelect: (frameId: string) => void;
  readonly onKey: (event: React.KeyboardEvent, frameId: string) => void;
}

/** A frame on the board: dragged, or picked up with the space bar and moved by the arrows. */
export const BoardFrame = memo(function BoardFrame(props: BoardFrameProps) {
  const { frame, place, isQueenHere, cell, isShaken, fault, isSelected, isPickedUp, hasFocus, onSelect, onKey } = props;
  const { useDraggable, useDroppable } = useContext(DragWaysContext);
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: frame.id });
  const { setNodeRef: setDropRef, isOver } = useDroppable({ id: DROP.onFrame(frame.id) });
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    // A frame that was moved by keys is drawn anew in another box: the focus goes along.
    if (hasFocus && document.activeElement !== button.current) button.current?.focus();
  }, [hasFocus]);
  const marks = [
    isQueenHere && 'the queen is on it',
    cell === 'kept' && 'the kept cell is on it',
    cell === 'other' && 'live cells are on it',
    isShaken && 'to be shaken',
    isPickedUp && 'picked up: arrows move it, space puts it down',
  ].filter(Boolean);
  return (
    <li ref={setDropRef} className={`relative min-w-0 flex-1 ${isOver ? 'bg-indigo' : ''}`} style={{ maxWidth: 40 }}>
      <button
        ref={(node) => {
          setNodeRef(node);
          button.current = node;
        }}
        type="button"
        data-frame={frame.id}
        aria-pressed={isSelected}
        aria-label={[`Frame ${place}: ${frameContents(frame)}`, ...marks].join('; ')}
        {...listeners}
        onClick={() => onSelect(frame.id)}
        onKeyDown={(event) => onKey(event, frame.id)}
        className={`block h-full w-full touch-none border-2 ${isSelected ? 'border-indigo' : 'border-transparent'} ${isPickedUp ? '-translate-y-2 outline-3 outline-willow' : ''} ${isDragging ? 'opacity-30' : ''}`}
      >
        <FrameComb frame={frame} isQueenHere={isQueenHere} cell={cell} isShaken={isShaken} />
      </button>
      {fault && (
        <b
          aria-hidden="true"
          className={`pointer-events-none absolute -top-1 right-0 grid size-4 place-items-center text-xs leading-none text-white ${fault === 'stop' ? 'bg-propolis' : 'bg-willow'}`}
        >
          {fault === 'stop' ? '×' : '!'}
        </b>
      )}
    </li>
  );
});
