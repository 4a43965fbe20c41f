import type { DayRange } from '../calendar/window';
import type { TrackedCell } from '../colony/track-cells';
import type { Method } from '../methods/method';

/** Worth keeping, best first: a charged cell that is not closed yet, then a closed one, then a small one. */
const BEST_TO_KEEP = ['larva-large', 'sealed-fresh', 'sealed', 'sealed-ripe', 'larva-small', 'egg'];

/** Those that are good to keep: charged or closed. */
const GOOD = BEST_TO_KEEP.indexOf('sealed-ripe');

function rankOf({ lastStage }: TrackedCell): number {
  const place = BEST_TO_KEEP.indexOf(lastStage);
  return place < 0 ? BEST_TO_KEEP.length : place;
}

/** Live cells on the same frame, itself among them: its frame is not shaken, and each other one has to be found by eye. */
const onItsFrame = ({ cell: { box, frame } }: TrackedCell, live: readonly TrackedCell[]): number =>
  frame === null ? 0 : live.filter(({ cell }) => cell.box === box && cell.frame === frame).length;

/** The dated cells, the one that is best kept first; of equals the one that hangs with fewest others. */
export function bestToKeep(cells: readonly TrackedCell[]): readonly TrackedCell[] {
  return [...cells]
    .filter(({ planBy }) => laidRange(planBy.laid) !== null)
    .sort((a, b) => rankOf(a) - rankOf(b) || onItsFrame(a, cells) - onItsFrame(b, cells));
}

/** The middle of the days on which a cell may have been laid. */
function laidAbout({ planBy }: TrackedCell): number {
  const laid = laidRange(planBy.laid);
  return laid ? (laid.from + laid.to) / 2 : Number.POSITIVE_INFINITY;
}

/**
 * So many cells to keep: the best, and beside it, of those that are good too, the next in age: with one days older its virgin would be out
 * while the other is still in her cell.
 */
export function keepTogether(cells: readonly TrackedCell[], howMany: number): readonly TrackedCell[] {
  const [best, ...rest] = bestToKeep(cells);
  if (!best) return [];
  const apart = (cell: TrackedCell) => Math.abs(laidAbout(cell) - laidAbout(best));
  const isGood = (cell: TrackedCell) => rankOf(cell) <= GOOD;
  const beside = rest.sort((a, b) => Number(isGood(b)) - Number(isGood(a)) || apart(a) - apart(b));
  return [best, ...beside].slice(0, howMany);
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
  if (kind !== 'increase') return keepTogether(live, howMany);
  const best = bestToKeep(live);
  const spare = isLaying ? best : best.slice(Math.min(howMany, Math.max(0, best.length - 1)));
  const rank = ({ lastStage }: TrackedCell) => BEST_TO_TRAVEL.indexOf(lastStage);
  return [...spare].sort((a, b) => rank(a) - rank(b) || onItsFrame(a, live) - onItsFrame(b, live)).slice(0, 1);
}

/** When a cell's egg was laid; null when that has no beginning. */
export function laidRange(laid: TrackedCell['planBy']['laid']): DayRange | null {
  return laid && laid.from !== null ? { from: laid.from, to: laid.to } : null;
}
