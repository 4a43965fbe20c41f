'use client';

import type { FrameSize } from '../../core/space/frame-size';
import { sizeOf } from '../../core/space/frame-size';
import { type Box, TAPES } from '../../core/space/hive';
import type { SurveyChange } from '../../device/survey-draft';
import { Button } from '../controls/Button';

interface Props {
  readonly box: Box;
  readonly title: string;
  readonly sizes: readonly FrameSize[];
  readonly canDrop: boolean;
  readonly isLowest: boolean;
  readonly change: (change: SurveyChange) => void;
}

const FEWEST = 1;
const MOST = 14;

/** What kind of box it is: its frames’ size, how many it holds, what lies under it. */
export function BoxSettings({ box, title, sizes, canDrop, isLowest, change }: Props) {
  const set = (fields: Partial<Pick<Box, 'size' | 'places' | 'under' | 'coveredSeams' | 'tape'>>) =>
    change({ type: 'box', boxId: box.id, fields });
  const select = 'min-h-11 border-2 border-ink bg-paper px-1.5 text-sm';
  return (
    <div className="flex flex-wrap items-center gap-2">
      <h2 className="mr-auto text-lg">{title}</h2>
      <select
        aria-label={`${title}, frame size`}
        className={select}
        value={box.size}
        onChange={({ target: { value } }) => set({ size: value, places: sizeOf(value, sizes).places })}
      >
        {sizes.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      <select
        aria-label={`${title}, frames it holds`}
        className={select}
        value={box.places}
        onChange={({ target: { value } }) => set({ places: Number(value) })}
      >
        {Array.from({ length: MOST - FEWEST + 1 }, (_, i) => i + FEWEST).map((places) => (
          <option key={places} value={places}>{`${places} frames`}</option>
        ))}
      </select>
      {!isLowest && (
        <label className="flex min-h-11 items-center gap-1.5 text-sm">
          <input
            type="checkbox"
            className="size-6"
            checked={box.under === 'excluder'}
            onChange={({ target: { checked } }) => set({ under: checked ? 'excluder' : 'open' })}
          />
          excluder under it
        </label>
      )}
      <select
        aria-label={`${title}, tape on it`}
        className={select}
        value={box.tape ?? ''}
        onChange={({ target: { value } }) => set({ tape: TAPES.find((tape) => tape === value) ?? null })}
      >
        <option value="">no tape</option>
        {TAPES.map((tape) => (
          <option key={tape} value={tape}>{`${tape} tape`}</option>
        ))}
      </select>
      <label className="flex min-h-11 items-center gap-1.5 text-sm">
        seams covered
        <input
          type="number"
          inputMode="numeric"
          min={0}
          max={box.places}
          aria-label={`${title}, seams covered`}
          className={`${select} w-14`}
          value={box.coveredSeams ?? ''}
          onChange={({ target: { value } }) =>
            set({ coveredSeams: value === '' ? null : Math.max(0, Math.min(box.places, Math.round(Number(value)))) })
          }
        />
      </label>
      {canDrop && (
        <Button
          kind="quiet"
          className="min-h-11 px-1"
          aria-label={`Leave out ${title}`}
          onClick={() => change({ type: 'drop-box', boxId: box.id })}
        >
          leave out
        </Button>
      )}
    </div>
  );
}
