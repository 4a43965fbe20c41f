'use client';

import { memo, useContext } from 'react';
import type { Finding } from '../../core/space/arrangement-rules';
import type { FrameSize } from '../../core/space/frame-size';
import { sizeOf } from '../../core/space/frame-size';
import type { Box, Hive } from '../../core/space/hive';
import { type BoardChange, type BoardState, DROP } from '../../views/board-state';
import { boxTitle } from '../../words/boxes';
import { BUTTON } from '../controls/styles';
import { boxHeight, UnderBox } from '../frames/Stack';
import { BoardFrame, type BoardFrameProps } from './BoardFrame';
import { DragWaysContext } from './DragWays';

/** What can be brought into a box. */
export type NewFrame = 'empty' | 'undrawn' | 'honey' | 'feeder' | 'dummy';

const NEW: readonly { readonly what: NewFrame; readonly word: string; readonly says: string }[] = [
  { what: 'empty', word: '+ comb', says: 'A frame of drawn comb' },
  { what: 'undrawn', word: '+ foundation', says: 'A frame of foundation' },
  { what: 'honey', word: '+ food', says: 'A frame full of honey' },
  { what: 'feeder', word: '+ feeder', says: 'A frame feeder' },
  { what: 'dummy', word: '+ dummy', says: 'A dummy board' },
];

export interface BoardBoxProps extends Pick<BoardFrameProps, 'onSelect' | 'onKey'> {
  readonly hive: Hive;
  readonly box: Box;
  /** Of which unit, where there are several. */
  readonly unitTitle: string | null;
  readonly board: Omit<BoardState, 'arrangement'>;
  readonly cellFrames: ReadonlySet<string>;
  readonly findings: readonly Finding[];
  readonly selected: string | null;
  readonly pickedUp: string | null;
  readonly focused: string | null;
  readonly sizes: readonly FrameSize[];
  readonly onNewFrame: (box: Box, what: NewFrame) => void;
  readonly onDrop: (boxId: string) => void;
  readonly onRestack: (change: Extract<BoardChange, { type: 'under' | 'level' }>) => void;
}

/** A box of the board with its frames. */
export const BoardBox = memo(function BoardBox(props: BoardBoxProps) {
  const { hive, box, unitTitle, board, cellFrames, findings, selected, pickedUp, focused, sizes } = props;
  const { onSelect, onKey, onNewFrame, onDrop, onRestack } = props;
  const level = hive.boxes.findIndex(({ id }) => id === box.id);
  const { useDroppable } = useContext(DragWaysContext);
  const { setNodeRef, isOver } = useDroppable({ id: DROP.onBox(box.id) });
  const title = boxTitle(hive, box);
  const said = unitTitle ? `${title}, ${unitTitle}` : title;
  const faults = findings.filter(({ boxId, frameId }) => boxId === box.id && frameId === null);
  const faultOf = (frameId: string) => findings.find((finding) => finding.frameId === frameId)?.severity ?? null;
  const small = `${BUTTON.quiet} min-h-9 px-1 text-xs`;
  return (
    <>
      <section
        ref={setNodeRef}
        aria-label={said}
        className={`border-2 border-ink px-1 pt-1 ${isOver ? 'bg-tint' : 'bg-ground'}`}
      >
        <div className="flex flex-wrap items-center gap-x-2 text-xs">
          <b className="mr-auto">{title}</b>
          <span className={faults.length > 0 ? 'text-propolis font-bold' : 'text-muted'}>
            {`${box.frames.length} of ${box.places}`}
          </span>
          {NEW.map(({ what, word, says }) => (
            <button key={what} type="button" className={small} onClick={() => onNewFrame(box, what)}>
              <span aria-hidden="true">{word}</span>
              <span className="sr-only">{`${says} into ${said}`}</span>
            </button>
          ))}
          {hive.boxes.length > 1 &&
            ([1, -1] as const).map((by) => (
              <button
                key={by}
                type="button"
                className={small}
                disabled={!hive.boxes[level + by]}
                aria-label={`${said}: ${by === 1 ? 'a level up' : 'a level down'}`}
                onClick={() => onRestack({ type: 'level', boxId: box.id, by })}
              >
                {by === 1 ? '▲' : '▼'}
              </button>
            ))}
          {level > 0 && box.under !== 'board' && (
            <button
              type="button"
              className={small}
              aria-label={`Excluder under ${said}`}
              aria-pressed={box.under === 'excluder'}
              onClick={() =>
                onRestack({ type: 'under', boxId: box.id, under: box.under === 'open' ? 'excluder' : 'open' })
              }
            >
              {box.under === 'excluder' ? '− excluder' : '+ excluder'}
            </button>
          )}
          {box.frames.length === 0 && (
            <button type="button" className={small} onClick={() => onDrop(box.id)}>
              {`take off ${title.toLowerCase()}`}
            </button>
          )}
        </div>
        <ol
          aria-label={`${said}, frames`}
          className="flex"
          style={{ height: boxHeight(sizeOf(box.size, sizes).cells) }}
        >
          {box.frames.map((frame, i) => (
            <BoardFrame
              key={frame.id}
              frame={frame}
              place={i + 1}
              isQueenHere={board.queenFrameId === frame.id}
              cell={board.keptCellFrames.includes(frame.id) ? 'kept' : cellFrames.has(frame.id) ? 'other' : null}
              isShaken={board.shaken.includes(frame.id)}
              fault={faultOf(frame.id)}
              isSelected={selected === frame.id}
              isPickedUp={pickedUp === frame.id}
              hasFocus={focused === frame.id}
              onSelect={onSelect}
              onKey={onKey}
            />
          ))}
          {Array.from({ length: Math.max(0, box.places - box.frames.length) }, (_, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: gaps are all alike
            <li key={i} className="min-w-0 flex-1 border border-dashed border-line" style={{ maxWidth: 40 }}>
              <span className="sr-only">a gap</span>
            </li>
          ))}
        </ol>
      </section>
      <UnderBox under={box.under} />
    </>
  );
});
