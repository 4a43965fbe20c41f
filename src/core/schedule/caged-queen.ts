import { CAGE_CHECK, RELEASED_QUEEN_LAYS } from '../biology/mating';
import { addDays, type Day, latestOf } from '../calendar/day';
import { isFullSearch } from '../cells/thoroughness';
import { emergenceOf, mayStillHoldQueen } from '../colony/track-cells';
import { noEggsOn } from '../queens/queen-questions';
import type { Caged, QueenState } from '../queens/queen-state';
import type { Check } from './check';
import { againWithin } from './colony-schedule';
import { inCycle, windowAfter } from './in-cycle';
import { giveTestComb } from './queen-checks';
import { say } from './says';
import { checks, type ScheduleFrom, type SchedulePart } from './schedule-part';

/** A queen in a cage: is she out, and does she lay? A programme asks for both by itself. */
export function cagedQueen(from: ScheduleFrom, queen: Extract<QueenState, Caged>): SchedulePart {
  const { look } = from;
  const { cagedOn } = queen;
  const emptyOn = noEggsOn(queen);
  const comb = emptyOn === null ? null : giveTestComb(from, emptyOn);
  const beside = cellsBesideCage(from, cagedOn);
  if (queen.programme || comb) return checks(beside, comb);
  const out = windowAfter(cagedOn, CAGE_CHECK);
  const lookedSince = look !== null && look.inspection.on >= out.earliest && isFullSearch(look.inspection.thoroughness);
  const released = inCycle(from, {
    code: 'released',
    window: out,
    why: say('caged-in-is-she-out', { on: cagedOn }),
  });
  const planned = windowAfter(cagedOn, RELEASED_QUEEN_LAYS);
  const empty = look?.inspection.eggs === 'none' && look.inspection.on >= planned.earliest ? look.inspection.on : null;
  const laying = inCycle(from, {
    code: 'laying-check',
    window: empty === null ? planned : againWithin(planned, empty),
    why: say('caged-in-eggs-due', { on: cagedOn }),
  });
  return checks(beside, queen.released || lookedSince ? null : released, laying);
}

/** Cells beside a caged queen: the first virgin out of them would kill her, or the bees never let her out. */
function cellsBesideCage(from: ScheduleFrom, cagedOn: Day): Check | null {
  const { liveCells, today } = from;
  const left = liveCells.filter((cell) => mayStillHoldQueen(cell, today));
  const emergence = emergenceOf(left);
  if (left.length === 0) return null;
  const since = latestOf(cagedOn, ...left.map(({ lastSeen }) => lastSeen));
  const latest = latestOf(since, emergence ? addDays(emergence.earliest, -1) : since);
  return inCycle(from, {
    code: 'act',
    window: { earliest: since, ideal: since, latest },
    why: say('cells-beside-her-cage', { cells: left.length }),
    order: say('break-down-the-cells'),
    forced: say('cells-beside-her-cage', { cells: left.length }),
  });
}
