import type { DayRange } from '../calendar/window';
import type { TrackedCell } from '../colony/track-cells';
import type { Method } from '../methods/method';

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

/** Ripe cells travel best; one that is sealed and not ripe yet the worst. */
const BEST_TO_TRAVEL = ['sealed-ripe', 'larva-large', 'larva-small', 'egg', 'sealed', 'sealed-fresh'];

/**
 * The cells that a method keeps where the keeper chooses no other: the best; for a nuc made with a spare one, the one that travels
 * best of those that the colony can spare, and of equals one that hangs alone on its frame.
 *
 * @param isLaying the colony has its laying queen and needs none of them itself
 */
export function cellsToKeep(
  { needs, kind }: Method,
  live: readonly TrackedCell[],
  isLaying: boolean,
  howMany: number,
): readonly TrackedCell[] {
  if (needs.cells !== 'kept') return [];
  const best = bestToKeep(live);
  if (kind !== 'increase') return best.slice(0, howMany);
  const spare = isLaying ? best : best.slice(Math.min(howMany, Math.max(0, best.length - 1)));
  const rank = ({ lastStage }: TrackedCell) => BEST_TO_TRAVEL.indexOf(lastStage);
  const besideIt = ({ cell: { box, frame } }: TrackedCell) =>
    frame === null ? 0 : live.filter(({ cell }) => cell.box === box && cell.frame === frame).length;
  return [...spare].sort((a, b) => rank(a) - rank(b) || besideIt(a) - besideIt(b)).slice(0, 1);
}

/** When a cell's egg was laid; null when that has no beginning. */
export function laidRange(laid: TrackedCell['planBy']['laid']): DayRange | null {
  return laid && laid.from !== null ? { from: laid.from, to: laid.to } : null;
}
