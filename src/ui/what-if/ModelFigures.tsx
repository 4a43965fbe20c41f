'use client';

import type { WhatIfAsked } from '../../core/population/asked';
import { ASSUMED_NAMES, assumedFigure, USUAL_ASSUMED } from '../../core/population/assumed';
import { UNIT_WORDS } from '../../words/figure-sources';
import { FIGURE_WORDS } from '../../words/figures';
import { Button } from '../controls/Button';
import { NumberField } from '../controls/NumberField';

interface Props {
  readonly asked: WhatIfAsked;
  readonly onChange: (asked: WhatIfAsked) => void;
}

/** Ten times what is usual is a slip of the pen. */
const TIMES_AT_MOST = 10;

/** The figures that the model itself goes by, for who thinks otherwise. */
export function ModelFigures({ asked, onChange }: Props) {
  const assumed = { ...USUAL_ASSUMED, ...asked.assumed };
  const isUsual = ASSUMED_NAMES.every((name) => assumed[name] === USUAL_ASSUMED[name]);
  return (
    <>
      <div className="grid grid-cols-2 items-end gap-x-3">
        {ASSUMED_NAMES.map((name) => {
          const { name: code, unit, value } = assumedFigure(name);
          const isShare = unit === 'share' || unit === 'share-a-day';
          return (
            <NumberField
              key={name}
              name={`${FIGURE_WORDS[code] ?? code} (${UNIT_WORDS[unit]})`}
              value={Math.round(assumed[name] * 1000) / 1000}
              step={isShare ? 0.01 : value < 1 ? 0.001 : 1}
              // Nobody lives on nothing, and no nurse rears all.
              min={isShare ? 0 : value / TIMES_AT_MOST}
              max={isShare ? 1 : value * TIMES_AT_MOST}
              onChange={(number) => onChange({ ...asked, assumed: { ...asked.assumed, [name]: number } })}
            />
          );
        })}
      </div>
      {!isUsual && (
        <Button
          kind="plain"
          className="mt-3"
          onClick={() => {
            const { assumed: _, ...usual } = asked;
            onChange(usual);
          }}
        >
          All as usual again
        </Button>
      )}
    </>
  );
}
