import { isOpenCell, isSealed } from '../cells/stage';
import type { ColonyState } from '../state/fold';
import { lays } from './queen-state';
import { mayStillHoldQueen } from './track-cells';

/**
 * How much speaks for a colony that a swarm out there is its own, most first: sealed cells, and a queen or virgins who may go with a swarm; open
 * cells with a queen to come; only cups, or too little seen; nothing.
 */
export const SWARM_SIGNS = ['sealed-cells', 'open-cells', 'not-enough-seen', 'none'] as const;
export type SwarmSign = (typeof SWARM_SIGNS)[number];

type Known = Pick<ColonyState, 'liveCells' | 'today' | 'queen' | 'lastInspection'>;

export function swarmSign({ liveCells, today, queen, lastInspection }: Known): SwarmSign {
  const live = liveCells.filter((cell) => mayStillHoldQueen(cell, today));
  const isSealedOne = live.some(({ lastStage }) => isSealed(lastStage));
  if (isSealedOne && (lays(queen) || live.length > 1)) return 'sealed-cells';
  if (live.some(({ lastStage }) => isOpenCell(lastStage))) return 'open-cells';
  const reading = lastInspection?.reading.reading;
  return reading === undefined || reading === 'not-enough-seen' || reading === 'cups-only' ? 'not-enough-seen' : 'none';
}

/** Whether a colony may go with the first fine day: {@link swarmSign} sealed cells. */
export const mayGo = (state: Known): boolean => swarmSign(state) === 'sealed-cells';
