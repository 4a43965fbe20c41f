import { addDays } from '../calendar/day';
import { type Check, type LeaveShut, stakeOf } from '../schedule/check';
import { GRAVEST, HEAVY_FROM } from './loss';

/** What weighs how much where it is not done: by what can be lost. */
const WEIGHTS = { closing: HEAVY_FROM, queen: 5, order: 2 } as const;

/**
 * What a check weighs where it is not done in its window: {@link GRAVEST} what lets a colony swarm or a virgin out unseen; 40 where its
 * window ends as its hive is to be left shut; 5 what asks after eggs, a laying queen, whether she has settled; 2 routine and room. A routine
 * look weighs as much as the gravest where there are cells with a queen to come.
 */
export function weightOf(check: Check, leaveShut: readonly LeaveShut[], hasCells: boolean): number {
  const isRoutine = check.code === 'look' || check.code === 'first-look';
  const stake = isRoutine ? (hasCells ? 0 : 2) : stakeOf(check);
  const byStake = [GRAVEST, WEIGHTS.queen, WEIGHTS.order][stake] ?? WEIGHTS.order;
  const isClosing =
    check.opens && leaveShut.some(({ from, to }) => from <= to && from === addDays(check.window.latest, 1));
  return isClosing ? Math.max(byStake, WEIGHTS.closing) : byStake;
}
