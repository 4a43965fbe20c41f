'use client';

import type { ComponentProps } from 'react';
import { fromUnit, METRIC, toUnit } from '../../core/units/units';
import { NumberField } from '../controls/NumberField';
import { useBook } from '../frame/BookContext';
import { toCm } from './drawn-yard';

/** A length in the units of the book; its value and bounds are metres, as is what it hands on. */
export function LengthField({ name, value, step, min, max, onChange }: ComponentProps<typeof NumberField>) {
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
