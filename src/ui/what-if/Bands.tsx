'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Bands as Measures, Outcome } from '../../core/population/what-if';
import { toUnit } from '../../core/units/units';
import { listWords } from '../../words/list';
import { unitName, unitsSpoken } from '../../words/measures';
import { UNIT_WORDS } from '../../words/units';
import type { Axis } from '../time/axis';
import type { Series } from './BandChart';
import { LETTERS } from './lines';

// The drawing comes when there is something to draw.
const BandChart = dynamic(() => import('./BandChart').then((module) => module.BandChart), {
  ssr: false,
  loading: () => <div className="h-full" />,
});

const TOGETHER = 'together';

interface Props {
  readonly outcomes: readonly (Outcome | null)[];
  readonly axis: Axis;
}

const LANES: readonly { readonly of: keyof Measures; readonly name: string; readonly hint: string }[] = [
  { of: 'adults', name: 'Bees', hint: 'In all hives of the choice together; what swarmed away is not among them.' },
  { of: 'brood', name: 'Brood', hint: 'Eggs, larvae and sealed cells.' },
  { of: 'honeyKg', name: 'Honey', hint: 'All of it, what the bees eat taken off.' },
];

/** Bees, brood and honey by day, for all choices in one drawing each, or for the hives of one of them. */
export function Bands({ outcomes, axis }: Props) {
  const [shown, setShown] = useState(TOGETHER);
  const { mass } = unitsSpoken();
  const kilo = (value: number) => `${value.toLocaleString('en-GB')}`;
  const drawn = shown === TOGETHER ? undefined : outcomes[Number(shown)];
  const seriesOf = (of: keyof Measures): readonly Series[] =>
    drawn
      ? drawn.units.map(({ name, ...bands }, line) => ({ label: UNIT_WORDS[name] ?? name, line, band: bands[of] }))
      : outcomes.flatMap((one, line) => (one ? [{ label: LETTERS[line] ?? '', line, band: one[of] }] : []));
  const divided = outcomes.flatMap((one, i) => (one && one.units.length > 0 ? [{ one, i }] : []));
  const lanes = LANES.map(({ of, name, hint }) => (
    <div key={of} className="lane">
      <div className="lane-words py-2">
        <h3 className="text-base font-bold">{of === 'honeyKg' ? `${name}, ${unitName('mass')}` : name}</h3>
        <p className="text-muted text-sm">{hint}</p>
      </div>
      <div className="relative h-52 min-w-0">
        <BandChart
          axis={axis}
          series={seriesOf(of)}
          words={(value) => (of === 'honeyKg' ? kilo(Math.round(toUnit(value, mass))) : kilo(value))}
        />
      </div>
    </div>
  ));
  return (
    <>
      {divided.length > 0 && (
        <p className="mt-2 flex flex-wrap items-center gap-x-2 text-sm font-semibold">
          Drawn
          <select
            aria-label="Drawn"
            className="min-h-11 border-2 border-ink bg-paper px-3"
            value={drawn ? shown : TOGETHER}
            onChange={({ target }) => setShown(target.value)}
          >
            <option value={TOGETHER}>every choice, its hives together</option>
            {divided.map(({ one: { units }, i }) => (
              <option key={LETTERS[i]} value={String(i)}>
                {`${LETTERS[i]} by hive: ${listWords(units.map(({ name }) => UNIT_WORDS[name] ?? name))}`}
              </option>
            ))}
          </select>
        </p>
      )}
      {lanes}
    </>
  );
}
