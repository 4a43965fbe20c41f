'use client';

import { useState } from 'react';
import { againstShaking } from '../../core/space/against-shaking';
import { frameNamed, placeOf } from '../../core/space/arrangement';
import type { ArrangementContext } from '../../core/space/arrangement-rules';
import type { FrameSize } from '../../core/space/frame-size';
import type { BoardChange, BoardState } from '../../views/board-state';
import { boardWords } from '../../words/board-words';
import { frameContents } from '../../words/frame-contents';
import { BUTTON } from '../controls/styles';
import { boxChoices, framePlaceWords } from './place-words';

interface Props {
  /** The chosen frame. */
  readonly id: string;
  readonly board: BoardState;
  readonly context: ArrangementContext;
  readonly sizes: readonly FrameSize[];
  readonly unitName: (unit: string) => string;
  readonly change: (change: BoardChange) => void;
}

/** What can be done with one frame, for those who do not drag. Nothing where it is on the board no more. */
export function SelectedFrame({ id, board, context, sizes, unitName, change }: Props) {
  const [refusal, setRefusal] = useState<string | null>(null);
  const { arrangement } = board;
  const place = placeOf(arrangement, id);
  const isOut = arrangement.out.some((frame) => frame.id === id);
  if (!place && !isOut) return null;
  const boxes = boxChoices(arrangement, unitName, id);
  const isShaken = board.shaken.includes(id);
  const isQueenHere = board.queenFrameId === id;
  const isKept = board.keptCellFrames.includes(id);
  const shake = (isOn: boolean) => {
    const against = isOn ? againstShaking(arrangement, context, id, sizes) : null;
    setRefusal(against && boardWords(against));
    if (!against) change({ type: 'shake', frameId: id, isOn });
  };
  const small = `${BUTTON.plain} min-h-11 px-2 py-1 text-sm`;
  return (
    <section aria-label="The chosen frame" className="mt-4 border-l-4 border-indigo pl-3">
      <h2 className="text-lg">
        {place ? framePlaceWords(arrangement, unitName, { frameId: id, boxId: place.boxId }) : 'Taken out'}
      </h2>
      <p className="text-sm">{frameContents(frameNamed(arrangement, id))}</p>
      {refusal && (
        <p role="alert" className="text-propolis font-bold">
          {refusal}
        </p>
      )}
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
        <button type="button" className={small} aria-pressed={isShaken} onClick={() => shake(!isShaken)}>
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
        {(context.cellFrames.has(id) || isKept) && (
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
