import type { Arrangement } from '../arrangement';
import { coveredIn } from '../covered';
import type { FrameSize } from '../frame-size';
import type { Box } from '../hive';
import { boxWeight } from '../weight';

/** A box that has to come off before what is under it can be reached. */
export interface Lift {
  readonly box: Box;
  readonly kg: number;
}

/**
 * The boxes to lift off, from the top down: those above the lowest whose frames are touched, and all from the lowest level at which
 * another box, or another thing under it, is to be. None that could stay where it is.
 *
 * @param touched frames that are moved or shaken
 */
export function liftsFor(
  before: Arrangement,
  after: Arrangement,
  touched: ReadonlySet<string>,
  coveredSeams: number | null,
  sizes: readonly FrameSize[],
): readonly Lift[] {
  return before.units.flatMap(({ hive }) => {
    const floor = hive.boxes[0];
    const now = after.units.find((unit) => unit.hive.boxes.some(({ id }) => id === floor?.id))?.hive.boxes ?? [];
    const changed = hive.boxes.findIndex(
      ({ id, under }, level) => now[level]?.id !== id || now[level]?.under !== under,
    );
    const opened = hive.boxes.findIndex(({ frames }) => frames.some(({ id }) => touched.has(id)));
    // A box that comes on top of all that stand needs none of them lifted.
    const from = Math.min(
      changed < 0 ? Number.POSITIVE_INFINITY : changed,
      opened < 0 ? Number.POSITIVE_INFINITY : opened + 1,
    );
    return hive.boxes
      .filter((_, level) => level >= from)
      .reverse()
      .map((box) => ({ box, kg: boxWeight(box, coveredIn(box, hive, coveredSeams), sizes) }));
  });
}
