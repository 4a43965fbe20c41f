import { figure } from '../biology/figure';
import type { Looked } from '../brood/looked';
import type { CellPlace } from './place';
import { type CellStage, isEgg, isLarva, isLive, isSealed } from './stage';

export const CAUSES = ['swarm', 'supersedure', 'emergency', 'unclear'] as const;

/** Why a colony raises queens. `unclear` is to be treated as swarm cells: being wrong that way costs less. */
export type Cause = (typeof CAUSES)[number];

export const MANY_CELLS = figure('as-many-cells-as-this-point-to-swarming', 5, 'live-cells', 'queenRearing');
export const FEW_CELLS = figure(
  'up-to-this-many-cells-of-like-age-point-to-supersedure',
  3,
  'live-cells',
  'queenRearing',
);

export interface CellsSeen {
  readonly stage: CellStage;
  readonly count: number;
  readonly place: CellPlace;
}

/**
 * Why the live cells are there. Null when there are none.
 *
 * - emergency: the colony is known to be without its queen; or eggs were looked for and there are none, and all cells are
 *   on the face of the comb and past the egg.
 * - swarm: five or more, or any at the bottom or an edge.
 * - supersedure: three or fewer, eggs still there, and all of them eggs, all larvae or all closed.
 * - unclear: anything else.
 */
export function causeOfCells(cells: readonly CellsSeen[], eggs: Looked, queenKnownGone: boolean): Cause | null {
  const live = cells.filter(({ stage }) => isLive(stage));
  const count = live.reduce((sum, cell) => sum + cell.count, 0);
  if (count === 0) return null;
  const allAre = (is: (stage: CellStage) => boolean) => live.every(({ stage }) => is(stage));
  const allOnFace = live.every(({ place }) => place === 'face');
  const pastEgg = !live.some(({ stage }) => isEgg(stage));
  if (queenKnownGone || (eggs === 'none' && allOnFace && pastEgg)) return 'emergency';
  const someAtRim = live.some(({ place }) => place === 'bottom' || place === 'edge');
  if (count >= MANY_CELLS.value || someAtRim) return 'swarm';
  // Where a cell hangs that nobody noted is no evidence either way.
  if (!allOnFace) return 'unclear';
  const ofLikeAge = allAre(isEgg) || allAre(isLarva) || allAre(isSealed);
  return count <= FEW_CELLS.value && eggs === 'seen' && ofLikeAge ? 'supersedure' : 'unclear';
}
