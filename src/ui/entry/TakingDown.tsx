'use client';

import { v7 as newId } from 'uuid';
import { CELL_TRAVELS, type CellTravel } from '../../core/colony/facts';
import { type Change, type Draft, liveCellsOf } from '../../device/draft';
import type { EntryReading } from '../../device/entry-reading';
import type { NeedyColony } from '../../views/cells-view';
import { findingWords } from '../../words/cells';
import { CellGlyph } from '../cells/CellGlyph';
import { Button } from '../controls/Button';
import { NeedyNote } from '../start/NeedyNote';

const TRAVEL_WORDS: { readonly [T in CellTravel]: string } = {
  'on-frame': 'on its frame',
  'cut-out': 'cut out',
  'caged-virgin': 'as a caged virgin',
};

interface Props {
  readonly draft: Draft;
  readonly change: (change: Change) => void;
  readonly needy: readonly NeedyColony[];
  /** What breaking down all cells buys; null where the colony is to keep some of them. */
  readonly price: EntryReading['price'];
  readonly labelOf: (cellId: string) => string;
  /** When the virgin of a cell would be out; null: not dated. */
  readonly outOf: (cellId: string) => string | null;
}

/** Breaking cells down, with its price; and who could use a cell before it is destroyed. */
export function TakingDown({ draft, change, needy, price, labelOf, outOf }: Props) {
  const { down, left } = liveCellsOf(draft);
  return (
    <section aria-label="Breaking cells down" className="mt-4">
      {price && (
        <div className={`border-l-4 pl-3 ${price.isWorking ? 'border-line' : 'border-propolis'}`}>
          <p className={price.isWorking ? '' : 'text-propolis font-bold'}>{price.words}</p>
          {left > 0 && (
            <Button kind="plain" className="mt-1 min-h-12" onClick={() => change({ type: 'take-all-down' })}>
              {left === 1 ? 'Mark it broken down' : `Mark all ${left} broken down`}
            </Button>
          )}
        </div>
      )}
      {needy.length > 0 && <NeedyNote needy={needy} />}
      {needy.length > 0 && down.length > 0 && (
        <ul className="mt-2">
          {down.map(({ cellId, stage }) => (
            <li key={cellId} className="flex flex-wrap items-center gap-3 border-b border-line py-1">
              <CellGlyph found={stage} size={26} />
              <span className="flex-1 text-sm">
                {`${labelOf(cellId)} ${findingWords(stage)}, broken down`}
                {outOf(cellId) !== null && <span className="text-muted block">{`virgin out ${outOf(cellId)}`}</span>}
              </span>
              <select
                aria-label={`${labelOf(cellId)} ${findingWords(stage)}, where it goes`}
                className="min-h-12 border-2 border-ink bg-paper px-2 font-bold"
                value={draft.gives[cellId]?.to ?? ''}
                onChange={({ target: { value } }) =>
                  change({
                    type: 'give',
                    cellId,
                    gift: value === '' ? null : { to: value, programmeId: newId(), moveId: newId() },
                  })
                }
              >
                <option value="">broken down</option>
                {needy.map(({ id, name }) => (
                  <option key={id} value={id}>{`given to ${name}`}</option>
                ))}
              </select>
              {draft.gives[cellId] && (
                <select
                  aria-label={`${labelOf(cellId)} ${findingWords(stage)}, how it travels`}
                  className="min-h-12 border-2 border-ink bg-paper px-2"
                  value={draft.gives[cellId].travel ?? 'on-frame'}
                  onChange={({ target: { value } }) => {
                    const gift = draft.gives[cellId];
                    if (gift) change({ type: 'give', cellId, gift: { ...gift, travel: value as CellTravel } });
                  }}
                >
                  {CELL_TRAVELS.map((travel) => (
                    <option key={travel} value={travel}>
                      {TRAVEL_WORDS[travel]}
                    </option>
                  ))}
                </select>
              )}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
