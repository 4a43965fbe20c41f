'use client';

import type { Frame } from '../../core/space/hive';
import type { BoardChange, BoardState } from '../../views/board-state';
import { frameContents } from '../../words/frame-contents';
import { BUTTON } from '../controls/styles';

interface Props {
  readonly frame: Frame;
  readonly where: string;
  readonly isOut: boolean;
  readonly board: BoardState;
  readonly hasCells: boolean;
  /** Boxes that it can be sent to, by id and name. */
  readonly boxes: readonly { readonly id: string; readonly name: string; readonly frames: number }[];
  readonly change: (change: BoardChange) => void;
  readonly onShake: (frameId: string, isOn: boolean) => void;
}

/** What can be done with one frame, for those who do not drag. */
export function SelectedFrame({ frame, where, isOut, board, hasCells, boxes, change, onShake }: Props) {
  const { id } = frame;
  const isShaken = board.shaken.includes(id);
  const isQueenHere = board.queenFrameId === id;
  const isKept = board.keptCellFrames.includes(id);
  const small = `${BUTTON.plain} min-h-11 px-2 py-1 text-sm`;
  return (
    <section aria-label="The chosen frame" className="mt-4 border-l-4 border-indigo pl-3">
      <h2 className="text-lg">{where}</h2>
      <p className="text-sm">{frameContents(frame)}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        <label className="text-sm">
          <span className="sr-only">Move it to</span>
          <select
            className="min-h-11 border-2 border-ink bg-paper px-1.5 font-semibold"
            value=""
            onChange={({ target: { value } }) => {
              const box = boxes.find((one) => one.id === value);
              change({ type: 'move', frameId: id, to: box ? { boxId: box.id, at: box.frames } : null });
            }}
          >
            <option value="">move it to …</option>
            {boxes.map((box) => (
              <option key={box.id} value={box.id}>
                {box.name}
              </option>
            ))}
            {!isOut && <option value="out">out of the hive</option>}
          </select>
        </label>
        <button type="button" className={small} aria-pressed={isShaken} onClick={() => onShake(id, !isShaken)}>
          {isShaken ? 'not to be shaken' : 'shake its bees off'}
        </button>
        <button
          type="button"
          className={small}
          aria-pressed={isQueenHere}
          onClick={() => change({ type: 'queen', frameId: isQueenHere ? null : id })}
        >
          {isQueenHere ? 'queen not on it' : 'queen is on it'}
        </button>
        {(hasCells || isKept) && (
          <button
            type="button"
            className={small}
            aria-pressed={isKept}
            onClick={() => change({ type: 'keep', frameId: id, isOn: !isKept })}
          >
            {isKept ? 'its cell is not kept' : 'keep its cell'}
          </button>
        )}
      </div>
    </section>
  );
}
