'use client';

import { useState } from 'react';
import { fromUnit, METRIC, type Quantity, toUnit } from '../../core/units/units';
import { useBook } from '../frame/BookContext';

interface Props {
  readonly quantity: Quantity;
  /** In SI; null: not said. */
  readonly value: number | null;
  readonly onChange: (si: number | null) => void;
  /** What can be entered, in SI, both included. */
  readonly min: number;
  readonly max: number;
  /** What is stored is a multiple of it, in SI. */
  readonly step: number;
  readonly className?: string;
  readonly id?: string;
  readonly 'aria-invalid'?: boolean;
  readonly 'aria-describedby'?: string | undefined;
}

const shown = (value: number) => String(Math.round(value * 10) / 10);

/** A measure typed in the units of the book, and handed on in SI. */
export function MeasureInput({ quantity, value, onChange, min, max, step, ...field }: Props) {
  const unit = (useBook()?.units ?? METRIC)[quantity];
  // What is being typed stays as it was typed: there and back through another unit it would move under the keeper's hands.
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <input
      {...field}
      type="number"
      inputMode="decimal"
      step="any"
      min={shown(toUnit(min, unit))}
      max={shown(toUnit(max, unit))}
      value={typed ?? (value === null ? '' : shown(toUnit(value, unit)))}
      onChange={({ target: { value: text } }) => {
        setTyped(text);
        const decimals = Math.max(0, -Math.floor(Math.log10(step)));
        onChange(
          text === '' ? null : Number((Math.round(fromUnit(Number(text), unit) / step) * step).toFixed(decimals)),
        );
      }}
      onBlur={() => setTyped(null)}
    />
  );
}
