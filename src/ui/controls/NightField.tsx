'use client';

import { useId, useState } from 'react';
import { COLDEST_NIGHT_C } from '../../core/settings/strength';
import { unitName } from '../../words/measures';
import { MeasureInput } from './MeasureInput';

interface Props {
  /** °C; null: not said. */
  readonly coldestNightC: number | null;
  readonly onChange: (c: number | null) => void;
}

/** The coldest night to come, which only the keeper knows. */
export function NightAsked({ coldestNightC, onChange }: Props) {
  const id = useId();
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
    </label>
  );
}

/** The same, sent with its form, in °C. */
export function NightField({ coldestNightC }: Pick<Props, 'coldestNightC'>) {
  const [night, setNight] = useState(coldestNightC);
  return (
    <>
      <NightAsked coldestNightC={night} onChange={setNight} />
      <input type="hidden" name="night" value={night ?? ''} />
    </>
  );
}
