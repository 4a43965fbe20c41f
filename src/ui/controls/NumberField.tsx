'use client';

import { useState } from 'react';
import { Field } from './Field';

interface Props {
  readonly name: string;
  readonly value: number;
  readonly step: number;
  readonly min: number;
  readonly max: number;
  readonly onChange: (value: number) => void;
}

/** A number that may stand half typed; what is none yet changes nothing. */
export function NumberField({ name, value, step, min, max, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Field name={name} problem={null}>
      {(props) => (
        <input
          {...props}
          type="number"
          inputMode="decimal"
          step={step}
          min={min}
          max={max}
          value={typed ?? value}
          onBlur={() => setTyped(null)}
          onChange={({ target }) => {
            setTyped(target.value);
            const number = Number(target.value);
            if (target.value !== '' && Number.isFinite(number) && number >= min && number <= max) onChange(number);
          }}
        />
      )}
    </Field>
  );
}
