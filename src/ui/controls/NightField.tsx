'use client';

import { useId, useState } from 'react';
import { COLDEST_NIGHT_C } from '../../core/settings/strength';
import { temperatureWords, unitName } from '../../words/measures';
import { MeasureInput } from './MeasureInput';

interface Props {
  /** °C; null: not said. */
  readonly coldestNightC: number | null;
  readonly onChange: (c: number | null) => void;
  /** As the weather page has it, °C; null: not all five nights are known there. */
  readonly knownC: number | null;
}

/** The coldest night to come: as the forecast has it, and overruled by the keeper. */
export function NightAsked({ coldestNightC, onChange, knownC }: Props) {
  const id = useId();
  const isKnown = knownC !== null && coldestNightC === knownC;
  return (
    <label htmlFor={id}>
      {`Coldest of the next five nights, ${unitName('temperature')}`}
      <MeasureInput
        id={id}
        quantity="temperature"
        {...COLDEST_NIGHT_C}
        step={0.1}
        value={coldestNightC}
        onChange={onChange}
        className="ml-2 min-h-11 w-20 border-2 border-ink bg-paper px-2"
      />
      {knownC !== null && (
        <span className="text-muted ml-2">
          {isKnown ? 'from the weather page' : `weather page: ${temperatureWords(knownC)}`}
        </span>
      )}
    </label>
  );
}

/** The same, sent with its form, in °C. */
export function NightField({ coldestNightC, knownC }: Pick<Props, 'coldestNightC' | 'knownC'>) {
  const [night, setNight] = useState(coldestNightC);
  return (
    <>
      <NightAsked coldestNightC={night} onChange={setNight} knownC={knownC} />
      <input type="hidden" name="night" value={night ?? ''} />
    </>
  );
}
