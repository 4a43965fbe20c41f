'use client';

import { createContext } from 'react';

type NodeRef = (node: HTMLElement | null) => void;

/** What makes something draggable, and something else a place to drop it: hooks, the same ones for as long as a component lives. */
export interface DragWays {
  readonly useDraggable: (of: { readonly id: string }) => {
    readonly setNodeRef: NodeRef;
    readonly listeners: object | undefined;
    readonly isDragging: boolean;
  };
  readonly useDroppable: (of: { readonly id: string }) => { readonly setNodeRef: NodeRef; readonly isOver: boolean };
}

const noRef: NodeRef = () => {};

/** As long as nothing can be dragged: taps and keys move frames all the same. */
export const NO_DRAGGING: DragWays = {
  useDraggable: () => ({ setNodeRef: noRef, listeners: undefined, isDragging: false }),
  useDroppable: () => ({ setNodeRef: noRef, isOver: false }),
};

export const DragWaysContext = createContext(NO_DRAGGING);
