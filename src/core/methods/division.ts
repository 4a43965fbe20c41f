import type { FollowUpCode } from './method';

/** So much of what is there: a share of it, or as much as so many frames hold. */
export type Portion = { readonly share: number } | { readonly frames: number };

export const HALF: Portion = { share: 0.5 };
export const NOTHING: Portion = { share: 0 };

/** How a method divides a colony in two: what one unit gets. The other has all the rest. */
export interface Division {
  readonly unit: string;
  readonly brood: Portion;
  readonly stores: Portion;
  /** Of the empty comb in the brood boxes. */
  readonly emptyComb: Portion;
  /** House bees: on the frames that go, and shaken in. */
  readonly houseBees: Portion;
  /** Share of the flying bees that are with it in the evening: all for the one that stands on the old place. */
  readonly flyers: number;
  /** The supers go with it. */
  readonly hasSupers: boolean;
  /** Frames of empty comb that it is filled up with, and the other. */
  readonly combGiven: number;
  readonly combGivenToOther: number;
  /** At this follow-up the flying bees of the unit that raises a queen are sent over to the other. */
  readonly flyersGoOver?: FollowUpCode;
}

/** How a method lifts brood over an excluder, away from the queen. */
export interface Lifting {
  /** Of the brood and of the stores so much stays with the queen. */
  readonly broodStays: Portion;
  readonly storesStay: Portion;
  /** She gets a box of her own, filled up with comb; else comb takes the place of the frames that go up. */
  readonly hasNewBox: boolean;
}
