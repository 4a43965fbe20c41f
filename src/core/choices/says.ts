import type { Day } from '../calendar/day';
import type { ReadingName } from '../inspections/reading';
import { type Plain, sayer } from '../says/said';
import type { ChoicesAsked } from './asked';
import type { Choice } from './choice';

/** What is said of choices: what their order rests on. */
export interface ChoicesSays {
  /** What is done, as an order. */
  do: { readonly choice: Choice };
  'reads-so': { readonly reading: ReadingName | 'may-have-swarmed' };
  'shut-to': { readonly to: Day };
  'in-rest': Plain;
  'found-today': Plain;
  'not-found-today': Plain;
  'sealed-from': { readonly on: Day };
  'out-from': { readonly on: Day };
  'is-weak': { readonly frames: number; readonly seams: number };
  'flow-from': { readonly from: Day };
  'is-wanted': { readonly wanted: ChoicesAsked['wanted'] };
  'replaces-her': Plain;
}

export const say = sayer<ChoicesSays>('choices');
