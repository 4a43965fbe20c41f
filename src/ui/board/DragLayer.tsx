'use client';

import { DndContext, DragOverlay, useDraggable, useDroppable } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { type Arrangement, frameNamed } from '../../core/space/arrangement';
import type { BoardChange } from '../../views/board-state';
import { FrameComb } from '../frames/FrameComb';
import { type DragWays, DragWaysContext } from './DragWays';
import { useFrameDrag } from './useFrameDrag';

const WAYS: DragWays = { useDraggable, useDroppable };

export interface DragLayerProps {
  readonly arrangement: Arrangement;
  readonly queenFrameId: string | null;
  readonly change: (change: BoardChange) => void;
  readonly onDropped: (frameId: string) => void;
  readonly children: ReactNode;
}

/** Lets frames be dragged over everything in it. */
export function DragLayer({ arrangement, queenFrameId, change, onDropped, children }: DragLayerProps) {
  const { dragged, ...dragging } = useFrameDrag(arrangement, change, onDropped);
  return (
    <DndContext id="board" {...dragging}>
      <DragWaysContext value={WAYS}>{children}</DragWaysContext>
      <DragOverlay dropAnimation={null}>
        {dragged !== null && (
          <div style={{ width: 36, height: 112 }}>
            <FrameComb frame={frameNamed(arrangement, dragged)} isQueenHere={dragged === queenFrameId} />
          </div>
        )}
      </DragOverlay>
    </DndContext>
  );
}
