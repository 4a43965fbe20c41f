import { figure } from '../biology/figure';

/** Metres to the east and to the north of any point of the apiary. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export interface HiveAt {
  readonly colonyId: string;
  readonly at: Point;
}

/** A hive moved by less keeps its flying bees. */
export const KEPT_UNDER_M = figure('a-hive-keeps-its-flyers-when-moved-by-less-than', 1, 'm', 'practice').value;
/** A hive moved further than this keeps them too: nothing there is known to them. */
export const KEPT_OVER_KM = figure('a-hive-keeps-its-flyers-when-moved-over', 5, 'km', 'practice').value;
/** Flying bees that find their hive gone join another so near. */
export const JOINS_WITHIN_M = figure('flyers-join-a-hive-within', 2, 'm', 'practice').value;
/** Of two hives whose distances differ by less, both are as near. */
const AS_NEAR_M = 0.1;
/** One bee in so many flies. */
export const ONE_FLIES_IN = figure('one-bee-flies-in', 3, 'bees', 'practice').value;
/** Bees between two combs that they cover. */
export const BEES_A_SEAM = figure('bees-in-a-covered-seam', 2000, 'bees', 'practice').value;

export const distanceM = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

/** Where a hive goes: to a point of the same apiary, or to another one. */
export type MovedTo = { readonly at: Point } | { readonly isOverKm: boolean };

/**
 * What becomes of the flying bees of a hive that is moved. Kept: since it went not far, or so far that nothing there is known to them, or since
 * no hive is nearer to where it stood than it still is.
 */
export type FlyersGo =
  | { readonly kind: 'kept'; readonly because: 'near' | 'far' | 'found' }
  /** They go back, and to the hives named, as many to each; to none: they are lost. It may be one of those itself. */
  | { readonly kind: 'go-back'; readonly join: readonly string[] };

/**
 * Where the flying bees of a hive are once it was moved in one go: with it where it went less than {@link KEPT_UNDER_M}, or over
 * {@link KEPT_OVER_KM}; else back where it stood, in the nearest hive within {@link JOINS_WITHIN_M}, shared where several are as near. The hive
 * itself is one of them where it stands.
 *
 * @param moved the hive where it stood
 * @param others all other hives of the apiary that it left, where they stand
 */
export function flyersGo({ colonyId: moved, at: from }: HiveAt, to: MovedTo, others: readonly HiveAt[]): FlyersGo {
  if ('isOverKm' in to) {
    if (to.isOverKm) return { kind: 'kept', because: 'far' };
  } else if (distanceM(from, to.at) < KEPT_UNDER_M) return { kind: 'kept', because: 'near' };
  const hives = 'at' in to ? [...others, { colonyId: moved, at: to.at }] : others;
  const near = hives
    .map(({ colonyId, at }) => ({ colonyId, away: distanceM(from, at) }))
    .filter(({ away }) => away <= JOINS_WITHIN_M);
  const nearest = Math.min(...near.map(({ away }) => away));
  const join = near.filter(({ away }) => away - nearest < AS_NEAR_M).map(({ colonyId }) => colonyId);
  return join.length === 1 && join[0] === moved ? { kind: 'kept', because: 'found' } : { kind: 'go-back', join };
}

/** The flying bees of each colony, and those that have no hive any more. */
export interface Flyers {
  readonly of: ReadonlyMap<string, number>;
  readonly lost: number;
}

/** The flying bees after a move: none comes from nowhere, and none is in two hives. */
export function flyersAfter(before: Flyers, colonyId: string, go: FlyersGo): Flyers {
  const flying = before.of.get(colonyId) ?? 0;
  if (go.kind === 'kept') return before;
  const of = new Map(before.of).set(colonyId, 0);
  if (go.join.length === 0) return { of, lost: before.lost + flying };
  const each = Math.floor(flying / go.join.length);
  go.join.forEach((id, i) => {
    const rest = i === 0 ? flying - each * go.join.length : 0;
    of.set(id, (of.get(id) ?? 0) + each + rest);
  });
  return { of, lost: before.lost };
}

/** Roughly how many bees of a colony fly, in hundreds; null: nobody counted its seams. */
export function flyersOf(coveredSeams: number | null): number | null {
  if (coveredSeams === null) return null;
  const HUNDRED = 100;
  return Math.round((coveredSeams * BEES_A_SEAM) / ONE_FLIES_IN / HUNDRED) * HUNDRED;
}

/** A better way to the same place: by less than a metre a day, or over 5 km away for some weeks first. */
export type BetterWay =
  | { readonly kind: 'by-steps'; readonly days: number }
  | { readonly kind: 'away-first'; readonly days: number };

/** Nobody moves a hive by less than a metre for longer. */
export const STEPS_AT_MOST = figure('a-hive-is-moved-by-the-metre-for-at-most', 14, 'days', 'practice').value;
/** By then most who knew the old place fly no more. */
const AWAY_DAYS = figure('a-hive-stays-away-before-it-comes-back-near', 21, 'days', 'practice').value;

/** In how many even steps of less than {@link KEPT_UNDER_M} a hive comes from one point to another; 0: it stands there. */
export function stepsBetween(from: Point, to: Point): number {
  const away = distanceM(from, to);
  return away === 0 ? 0 : Math.floor(away / KEPT_UNDER_M) + 1;
}

/** @returns null: the flying bees come along anyway */
export function betterWay(from: Point, to: Point): BetterWay | null {
  const away = distanceM(from, to);
  if (away < KEPT_UNDER_M) return null;
  const days = stepsBetween(from, to);
  return days <= STEPS_AT_MOST ? { kind: 'by-steps', days } : { kind: 'away-first', days: AWAY_DAYS };
}
