import { METRIC, type Quantity, toUnit, type Units } from '../core/units/units';

/** The units of the book, in which everything here is put. Set where a process or a page learns them. */
let spoken: Units = METRIC;

/** From now on measures are said in these units: one book is open in a process, and in a page. */
export function speakUnits(units: Units): void {
  spoken = units;
}

export const unitsSpoken = (): Units => spoken;

const NAMES: { readonly [U in Units[Quantity]]: string } = {
  kg: 'kg',
  lb: 'lb',
  c: '°C',
  f: '°F',
  m: 'm',
  ft: 'ft',
  km: 'km',
  mi: 'miles',
};

/** What a quantity is said in: `kg`, `°F`. */
export const unitName = (quantity: Quantity): string => NAMES[spoken[quantity]];

/** As people say it: whole from ten on, one figure after the point below. */
const said = (value: number): string => String(Math.abs(value) >= 10 ? Math.round(value) : Math.round(value * 10) / 10);

const measure = (quantity: Quantity, si: number): string =>
  `${said(toUnit(si, spoken[quantity]))} ${unitName(quantity)}`;

/** @example `35 kg`, or `77 lb` */
export const massWords = (kg: number): string => measure('mass', kg);

/** To the kilogram or the pound. */
export const wholeMassWords = (kg: number): string => `${Math.round(toUnit(kg, spoken.mass))} ${unitName('mass')}`;

/** The degrees alone, for a sentence that names the scale once. */
export const degrees = (c: number): string => String(Math.round(toUnit(c, spoken.temperature)));

/** @example `10 °C`, or `50 °F` */
export const temperatureWords = (c: number): string => `${degrees(c)} ${unitName('temperature')}`;

/** What a quantity is said in words by, from SI. */
export const MEASURE_WORDS = { mass: massWords, temperature: temperatureWords } as const;

/** To half a mile, as keepers say it: five kilometres are three miles to bees and their keepers. */
export const farWords = (km: number): string =>
  spoken.distance === 'km' ? `${said(km)} km` : `${Math.round(toUnit(km, 'mi') * 2) / 2} miles`;

const INCHES = 12;

/** Under a metre in centimetres or inches, else in metres or feet. */
export function lengthWords(m: number): string {
  if (spoken.length === 'm') return m < 1 ? `${Math.round(m * 100)} cm` : `${said(m)} m`;
  const feet = toUnit(m, 'ft');
  return feet < 1 ? `${Math.round(feet * INCHES)} in` : `${said(feet)} ft`;
}

const BY_UNIT: { readonly [unit: string]: (si: number) => string } = {
  kg: massWords,
  km: farWords,
  m: lengthWords,
  '°C': temperatureWords,
};

/**
 * A text that was written with its measures in braces, in the units of the book.
 *
 * @example `over {5 km} away` is `over 5 km away`, or `over 3 miles away`
 */
export const measured = (text: string): string =>
  text.replace(/\{([\d.]+) (\S+)\}/g, (whole, value: string, unit: string) => BY_UNIT[unit]?.(Number(value)) ?? whole);
