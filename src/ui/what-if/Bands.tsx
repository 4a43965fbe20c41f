'use client';

import dynamic from 'next/dynamic';
import type { Bands as Measures, Outcome } from '../../core/population/what-if';
import { toUnit } from '../../core/units/units';
import { unitName, unitsSpoken } from '../../words/measures';
import type { Axis } from '../time/axis';

// The drawing comes when there is something to draw.
const BandChart = dynamic(() => import('./BandChart').then((module) => module.BandChart), {
  ssr: false,
  loading: () => <div className="h-full" />,
});

interface Props {
  readonly outcomes: readonly (Outcome | null)[];
  readonly axis: Axis;
}

const LANES: readonly { readonly of: keyof Measures; readonly name: string; readonly hint: string }[] = [
  { of: 'adults', name: 'Bees', hint: 'In all hives of the choice together; what swarmed away is not among them.' },
  { of: 'brood', name: 'Brood', hint: 'Eggs, larvae and sealed cells.' },
  { of: 'honeyKg', name: 'Honey', hint: 'All of it, what the bees eat taken off.' },
];

/** Bees, brood and honey by day, for all choices in one drawing each. */
export function Bands({ outcomes, axis }: Props) {
  const { mass } = unitsSpoken();
  const kilo = (value: number) => `${value.toLocaleString('en-GB')}`;
  return LANES.map(({ of, name, hint }) => (
    <div key={of} className="lane">
      <div className="lane-words py-2">
        <h3 className="text-base font-bold">{of === 'honeyKg' ? `${name}, ${unitName('mass')}` : name}</h3>
        <p className="text-muted text-sm">{hint}</p>
      </div>
      <div className="relative h-52 min-w-0">
        <BandChart
          axis={axis}
          bands={outcomes.map((one) => one?.[of] ?? null)}
          words={(value) => (of === 'honeyKg' ? kilo(Math.round(toUnit(value, mass))) : kilo(value))}
        />
      </div>
    </div>
  ));
}
