import type { Thing } from '../methods/thing';
import type { KitEntry, KitPlace } from './kit-entry';

let made = 0;
const id = () => `e${String(made++).padStart(5, '0')}`;

/** So many of a thing counted at a place. */
export const counted = (at: string, to: KitPlace, thing: Thing, count: number): KitEntry => ({
  id: id(),
  kind: 'counted',
  at,
  thing,
  count,
  from: null,
  to,
  reason: '',
  frozenSince: null,
});

/** So many of a thing carried; packed for an apiary where one is named. */
export const carried = (
  at: string,
  from: KitPlace | null,
  to: KitPlace | null,
  thing: Thing,
  count: number,
  packedFor: string | null = null,
): KitEntry => ({ id: id(), kind: 'carried', at, thing, count, from, to, packedFor, reason: '', frozenSince: null });
