'use client';

import { UNITS, type Units } from '../../core/units/units';
import { Choice } from '../controls/Choice';

const NAMES = {
  mass: { legend: 'Weight', kg: 'kilograms', lb: 'pounds' },
  temperature: { legend: 'Temperature', c: 'Celsius', f: 'Fahrenheit' },
  length: { legend: 'Length', m: 'metres', ft: 'feet' },
  distance: { legend: 'Distance', km: 'kilometres', mi: 'miles' },
} as const;

/** In what weights, temperatures, lengths and distances are said. */
export function UnitSettings({ units, onChange }: { units: Units; onChange: (units: Units) => void }) {
  const choice = <Q extends keyof Units>(quantity: Q) => {
    const names: { readonly legend: string } & { readonly [U in Units[Q]]: string } = NAMES[quantity] as never;
    const options: readonly Units[Q][] = UNITS[quantity] as never;
    return (
      <Choice<Units[Q]>
        legend={names.legend}
        options={options.map((value) => ({ value, name: names[value] }))}
        value={units[quantity]}
        onChange={(unit) => onChange({ ...units, [quantity]: unit })}
      />
    );
  };
  return (
    <>
      {choice('mass')}
      {choice('temperature')}
      {choice('length')}
      {choice('distance')}
    </>
  );
}
