/** In what masses, temperatures, lengths and distances are said. Everything is stored and reckoned in SI: kg, °C, m, km. */
export interface Units {
  readonly mass: 'kg' | 'lb';
  readonly temperature: 'c' | 'f';
  readonly length: 'm' | 'ft';
  readonly distance: 'km' | 'mi';
}
export type Quantity = keyof Units;

export const UNITS = {
  mass: ['kg', 'lb'],
  temperature: ['c', 'f'],
  length: ['m', 'ft'],
  distance: ['km', 'mi'],
} as const satisfies { readonly [Q in Quantity]: readonly Units[Q][] };

/** What measuring devices and files use beside them. */
export const DEVICE_UNITS = {
  wind: ['ms', 'kmh', 'mph', 'kn'],
  rain: ['mm', 'in'],
} as const;
export type Unit = Units[Quantity] | (typeof DEVICE_UNITS)[keyof typeof DEVICE_UNITS][number];

export const METRIC: Units = { mass: 'kg', temperature: 'c', length: 'm', distance: 'km' };

/**
 * SI units to one of each, by definition (international pound, foot, mile and knot; rain in mm), and the degrees at which each scale has its
 * zero, °C.
 */
const SI: { readonly [U in Unit]: { readonly one: number; readonly zero: number } } = {
  kg: { one: 1, zero: 0 },
  lb: { one: 0.45359237, zero: 0 },
  c: { one: 1, zero: 0 },
  f: { one: 5 / 9, zero: -160 / 9 },
  m: { one: 1, zero: 0 },
  ft: { one: 0.3048, zero: 0 },
  km: { one: 1, zero: 0 },
  mi: { one: 1.609344, zero: 0 },
  ms: { one: 1, zero: 0 },
  kmh: { one: 1 / 3.6, zero: 0 },
  mph: { one: 0.44704, zero: 0 },
  kn: { one: 1852 / 3600, zero: 0 },
  mm: { one: 1, zero: 0 },
  in: { one: 25.4, zero: 0 },
};

/** A value in SI, in a unit. @example toUnit(10, 'f') is 50 */
export const toUnit = (si: number, unit: Unit): number => (si - SI[unit].zero) / SI[unit].one;

/** A value in a unit, in SI. @example fromUnit(0, 'f') is -17.8, rounded */
export const fromUnit = (value: number, unit: Unit): number => value * SI[unit].one + SI[unit].zero;
