import { COLDEST_NIGHT_C } from '../core/settings/strength';
import { oneParam } from './one-param';

/** The coldest night as given in a page's address, °C; what makes no sense counts as not said. */
export function nightOf(given: string | readonly string[] | undefined): number | null {
  const text = oneParam(given) ?? '';
  const degrees = text.trim() === '' ? Number.NaN : Number(text);
  return degrees >= COLDEST_NIGHT_C.min && degrees <= COLDEST_NIGHT_C.max ? degrees : null;
}
