import { distanceM, type HiveAt, JOINS_WITHIN_M } from './flyers';

/** Hives whose fronts differ by less than this look alike to a young queen, degrees. */
const ALIKE_DEGREES = 45;

/** A hive with the way it faces, degrees from north by east. */
export interface FacingHive extends HiveAt {
  readonly facing: number;
}

const turned = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);

/**
 * Hives that a way-mark is put in front of, since a young queen flies from them, or will, and another hive within {@link JOINS_WITHIN_M} faces
 * alike.
 *
 * @param withVirgin colonies with a virgin, or with one to come
 */
export function wayMarks(hives: readonly FacingHive[], withVirgin: ReadonlySet<string>): readonly string[] {
  return hives
    .filter(
      (one) =>
        withVirgin.has(one.colonyId) &&
        hives.some(
          (other) =>
            other !== one &&
            distanceM(one.at, other.at) <= JOINS_WITHIN_M &&
            turned(one.facing, other.facing) < ALIKE_DEGREES,
        ),
    )
    .map(({ colonyId }) => colonyId);
}
