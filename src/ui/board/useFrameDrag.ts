'use client';

import {
  type CollisionDetection,
  closestCenter,
  type DragEndEvent,
  type DragStartEvent,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useState } from 'react';
import type { Arrangement } from '../../core/space/arrangement';
import { type BoardChange, placeOfDrop } from '../../views/board-state';

/** So far a finger or the mouse goes before a tap becomes a drag, in pixels. */
const SENSE = { activationConstraint: { distance: 6 } };

/** What is under the pointer; a fast pointer between two frames gets what is nearest. */
const underPointer: CollisionDetection = (args) => {
  const within = pointerWithin(args);
  // A frame lies on its box: it is the frame that is meant.
  const frames = within.filter(({ id }) => String(id).startsWith('frame '));
  return frames.length > 0 ? frames : within.length > 0 ? within : closestCenter(args);
};

/** Frames are dragged before or behind others and into boxes. Gives what the drag needs, and which frame is in the hand. */
export function useFrameDrag(
  arrangement: Arrangement,
  change: (change: BoardChange) => void,
  onDropped: (frameId: string) => void,
) {
  const [dragged, setDragged] = useState<string | null>(null);
  const sensors = useSensors(useSensor(MouseSensor, SENSE), useSensor(TouchSensor, SENSE));
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    setDragged(null);
    const moved = active.rect.current.translated;
    if (!over || !moved) return;
    const frameId = String(active.id);
    const isRight = moved.left + moved.width / 2 > over.rect.left + over.rect.width / 2;
    const to = placeOfDrop(arrangement, frameId, String(over.id), isRight);
    if (to !== undefined) change({ type: 'move', frameId, to });
    onDropped(frameId);
  };
  return {
    dragged,
    sensors,
    collisionDetection: underPointer,
    onDragStart: ({ active }: DragStartEvent) => setDragged(String(active.id)),
    onDragEnd,
    onDragCancel: () => setDragged(null),
  };
}
