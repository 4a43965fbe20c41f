import type { DayRange } from '../calendar/window';
import type { TrackedCell } from '../colony/track-cells';

/** Worth keeping, best first: a charged cell that is not closed yet, then a closed one, then a small one. */
const BEST_TO_KEEP = ['larva-large', 'sealed-fresh', 'sealed', 'sealed-ripe', 'larva-small', 'egg'];

/** The dated cells, the one that is best kept first. */
export function bestToKeep(cells: readonly TrackedCell[]): readonly TrackedCell[] {
  const rank = ({ lastStage }: TrackedCell) => {
    const place = BEST_TO_KEEP.indexOf(lastStage);
    return place < 0 ? BEST_TO_KEEP.length : place;
  };
  return [...cells].filter(({ planBy }) => laidRange(planBy.laid) !== null).sort((a, b) => rank(a) - rank(b));
}

/** When a cell's egg was laid; null when that has no beginning. */
export function laidRange(laid: TrackedCell['planBy']['laid']): DayRange | null {
  return laid && laid.from !== null ? { from: laid.from, to: laid.to } : null;
}
