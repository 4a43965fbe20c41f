'use client';

import { CELL_TRAVELS, type CellTravel } from '../../core/colony/facts';
import type { SpareCell } from '../../views/cells-view';
import { Choice } from '../controls/Choice';

const TRAVEL_WORDS: { readonly [T in CellTravel]: string } = {
  'on-frame': 'on its frame',
  'cut-out': 'cut out',
  'caged-virgin': 'as a caged virgin',
};

interface Gift {
  readonly cellId: string;
  readonly travel: CellTravel;
}

/** Which cell a colony is given, of all that others can spare, and how it comes there. */
export function GiftField({
  spare,
  gift,
  onChange,
  problem,
}: {
  spare: readonly SpareCell[];
  gift: Gift;
  onChange: (gift: Partial<Gift>) => void;
  problem: string | null;
}) {
  if (spare.length === 0) {
    return (
      <p className="mt-4 font-semibold">No colony has a cell to spare at present. Enter one at an inspection first.</p>
    );
  }
  return (
    <>
      <Choice
        legend="The cell"
        stacked
        options={spare.map(({ cellId, colonyName, label, stageWords, out, travels }) => ({
          value: cellId,
          name: `${colonyName} ${label}: ${stageWords}`,
          hint: `virgin out ${out}; ${travels}`,
        }))}
        value={gift.cellId}
        onChange={(cellId) => onChange({ cellId })}
        problem={problem}
      />
      <Choice
        legend="How it comes"
        options={CELL_TRAVELS.map((value) => ({ value, name: TRAVEL_WORDS[value] }))}
        value={gift.travel}
        onChange={(travel) => onChange({ travel })}
      />
    </>
  );
}
