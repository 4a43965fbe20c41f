import type { Day } from '../calendar/day';
import type { Thing } from '../methods/thing';

/** `home`, `car`, or the id of an apiary. */
export type KitPlace = string;
export const HOME: KitPlace = 'home';
export const CAR: KitPlace = 'car';

interface Entry {
  readonly id: string;
  /** Local minute, `YYYY-MM-DDTHH:mm`. */
  readonly at: string;
  readonly thing: Thing;
  readonly count: number;
  /** Why it was set right, or where it came from or went; empty: not said. */
  readonly reason: string;
  /** Since when it lies frozen; null: it does not, or nobody said. */
  readonly frozenSince: Day | null;
}

/** So many are at a place: whatever was reckoned before, this is what lies there. */
export interface Counted extends Entry {
  readonly kind: 'counted';
  readonly from: null;
  readonly to: KitPlace;
}

/** So many went from one place to another; null: they came from elsewhere (bought, made), or went there (given away, broken, used up). */
export interface Carried extends Entry {
  readonly kind: 'carried';
  readonly from: KitPlace | null;
  readonly to: KitPlace | null;
  /** Of what goes into the car: the apiary that it was packed for; null or absent: none in particular. */
  readonly packedFor?: string | null;
}

export type KitEntry = Counted | Carried;
