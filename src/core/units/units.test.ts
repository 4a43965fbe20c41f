import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fromUnit, toUnit, UNITS } from './units';

describe('units', () => {
  it.each([
    [1, 'lb', 2.20462],
    [0, 'f', 32],
    [10, 'f', 50],
    [-40, 'f', -40],
    [1, 'ft', 3.28084],
    [5, 'mi', 3.10686],
    [35, 'kg', 35],
    [10, 'kmh', 36],
    [10, 'mph', 22.36936],
    [10, 'kn', 19.43844],
    [25.4, 'in', 1],
  ] as const)('%d in SI is so many %s: %d', (si, unit, said) => expect(toUnit(si, unit)).toBeCloseTo(said, 4));

  it('come back as they were', () => {
    const unit = fc.constantFrom(...Object.values(UNITS).flat());
    fc.assert(
      fc.property(fc.double({ min: -100, max: 1000, noNaN: true }), unit, (si, one) => {
        expect(fromUnit(toUnit(si, one), one)).toBeCloseTo(si, 8);
      }),
    );
  });
});
