import { isOpenCell, isSealed } from '../cells/stage';
import { lays } from '../queens/queen-questions';
import type { ColonyState } from '../state/fold';
import { mayStillHoldQueen } from './track-cells';

/**
 * How much speaks for a colony that a swarm out there is its own, most first: sealed cells, and a queen or virgins who may go with a swarm; open
 * cells with a queen to come; cells that nobody has looked at since; only cups, or too little seen; nothing.
 */
export const SWARM_SIGNS = ['sealed-cells', 'open-cells', 'unseen-since', 'not-enough-seen', 'none'] as const;
export type SwarmSign = (typeof SWARM_SIGNS)[number];

type Known = Pick<ColonyState, 'liveCells' | 'today' | 'queen' | 'lastInspection' | 'aged'>;

export function swarmSign({ liveCells, today, queen, lastInspection, aged }: Known): SwarmSign {
  const live = liveCells.filter((cell) => mayStillHoldQueen(cell, today));
  const isSealedOne = live.some(({ lastStage }) => isSealed(lastStage));
  const isByAge = aged?.as === 'swarm-may-go';
  // She may be there yet, held back by the weather.
  const mayBeThere = lays(queen) || aged?.as === 'may-have-swarmed';
  if ((isSealedOne || isByAge) && (mayBeThere || live.length > 1)) return 'sealed-cells';
  if (live.some(({ lastStage }) => isOpenCell(lastStage))) return 'open-cells';
  if (aged?.as === 'may-have-swarmed' || aged?.as === 'virgin-may-be-out') return 'unseen-since';
  const reading = lastInspection?.reading.reading;
  return reading === undefined || reading === 'not-enough-seen' || reading === 'cups-only' ? 'not-enough-seen' : 'none';
}

/** Whether a colony may go with the first fine day: {@link swarmSign} sealed cells. */
export const mayGo = (state: Known): boolean => swarmSign(state) === 'sealed-cells';
