'use client';

import { useContext } from 'react';
import type { Frame } from '../../core/space/hive';
import { DROP } from '../../views/board-state';
import { frameContents } from '../../words/frame-contents';
import { FrameComb } from '../frames/FrameComb';
import { DragWaysContext } from './DragWays';

interface Props {
  readonly frames: readonly Frame[];
  readonly selected: string | null;
  readonly onSelect: (frameId: string) => void;
}

/** Frames that were taken out: kept in sight, to be put back or sent elsewhere. */
export function OutTray({ frames, selected, onSelect }: Props) {
  const { useDroppable } = useContext(DragWaysContext);
  const { setNodeRef, isOver } = useDroppable({ id: DROP.out });
  return (
    <section
      ref={setNodeRef}
      aria-label="Taken out"
      className={`mt-4 min-h-14 border-2 border-dashed border-muted p-2 ${isOver ? 'bg-tint' : ''}`}
    >
      <h2 className="text-sm">{`Taken out${frames.length > 0 ? ` · ${frames.length}` : ': drag frames here'}`}</h2>
      <ul className="mt-1 flex flex-wrap gap-1">
        {frames.map((frame) => (
          <li key={frame.id} className="h-20 w-8">
            <button
              type="button"
              aria-pressed={selected === frame.id}
              aria-label={`Taken out: ${frameContents(frame)}`}
              className={`h-full w-full border-2 ${selected === frame.id ? 'border-indigo' : 'border-transparent'}`}
              onClick={() => onSelect(frame.id)}
            >
              <FrameComb frame={frame} />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
