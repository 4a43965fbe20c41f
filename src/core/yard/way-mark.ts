import { figure } from '../biology/figure';
import { distanceM, type HiveAt, JOINS_WITHIN_M, type Point } from './flyers';

/** Hives whose fronts differ by less than this look alike to a young queen, degrees. */
const ALIKE_DEGREES = 45;

/** A way-mark stands so far before the entrance, and one no further away than twice that stands before the hive. */
const BEFORE_M = figure('a-way-mark-stands-before-the-entrance', 0.8, 'm', 'practice').value;

/** Where a way-mark is put: before the entrance, beside the way that the bees fly. */
export function placeBefore({ at: { x, y }, facing }: FacingHive): Point {
  const way = (facing * Math.PI) / 180;
  return { x: x + BEFORE_M * Math.sin(way), y: y + BEFORE_M * Math.cos(way) };
}

/** A hive with the way it faces, degrees from north by east. */
export interface FacingHive extends HiveAt {
  readonly facing: number;
}

const turned = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);

/**
 * Hives that a way-mark is put in front of, since a young queen flies from them, or will, and another hive within {@link JOINS_WITHIN_M} faces
 * alike; not where there is one already.
 *
 * @param marks where way-marks are
 * @param withVirgin colonies with a virgin, or with one to come
 */
export function wayMarks(
  hives: readonly FacingHive[],
  withVirgin: ReadonlySet<string>,
  marks: readonly Point[] = [],
): readonly FacingHive[] {
  return hives.filter(
    (one) =>
      withVirgin.has(one.colonyId) &&
      !marks.some((mark) => distanceM(mark, placeBefore(one)) < BEFORE_M) &&
      hives.some(
        (other) =>
          other !== one &&
          distanceM(one.at, other.at) <= JOINS_WITHIN_M &&
          turned(one.facing, other.facing) < ALIKE_DEGREES,
      ),
  );
}
