import { oneParam } from './one-param';

const COLDEST_C = { min: -20, max: 35 };

/** The coldest night as given in a page's address, °C; what makes no sense counts as not said. */
export function nightOf(given: string | readonly string[] | undefined): number | null {
  const text = oneParam(given) ?? '';
  const degrees = text.trim() === '' ? Number.NaN : Number(text);
  return degrees >= COLDEST_C.min && degrees <= COLDEST_C.max ? degrees : null;
}
