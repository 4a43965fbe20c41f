'use client';

import { fromUnit, METRIC, toUnit } from '../../core/units/units';
import { NumberField } from '../controls/NumberField';
import { useBook } from '../frame/BookContext';
import { toCm } from './drawn-yard';

interface Props {
  readonly name: string;
  /** Metres, as are its bounds and what it hands on. */
  readonly value: number;
  readonly step: number;
  readonly min: number;
  readonly max: number;
  readonly onChange: (metres: number) => void;
}

/** A length in the units of the book. */
export function LengthField({ name, value, step, min, max, onChange }: Props) {
  const unit = (useBook()?.units ?? METRIC).length;
  const shown = (metres: number) => toCm(toUnit(metres, unit));
  return (
    <NumberField
      name={`${name}, ${unit}`}
      value={shown(value)}
      step={step}
      min={shown(min)}
      max={shown(max)}
      onChange={(typed) => onChange(toCm(fromUnit(typed, unit)))}
    />
  );
}
