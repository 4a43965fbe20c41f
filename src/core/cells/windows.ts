import { QUEEN_CELL_SEALED, QUEEN_EMERGES } from '../biology/development';
import type { AgeSpread, Figure } from '../biology/figure';
import { addDays, type Day } from '../calendar/day';
import { type DayRange, notAfter, notBefore, type Window } from '../calendar/window';
import { type CellStage, isLive, isOpenCell, isSealed } from './stage';

interface Sight {
  readonly on: Day;
  /** The last day on which it may have been; else `on`. */
  readonly to?: Day;
  readonly stage: CellStage;
}

/**
 * What befalls an egg laid somewhere in `laid`: earliest from the first laying day at the early age, latest from the last
 * at the late age; likely between the two at the usual age.
 */
export function windowFromLaying(laid: DayRange, { value }: Figure<AgeSpread>): Window {
  return {
    earliest: addDays(laid.from, value.early),
    likelyFrom: addDays(laid.from, value.typical),
    likelyTo: addDays(laid.to, value.typical),
    latest: addDays(laid.to, value.late),
  };
}

/** When the cell is closed; not before a day on which it was seen open, by a day on which it was seen closed. */
export function sealingWindow(laid: DayRange, sights: readonly Sight[]): Window {
  let window = windowFromLaying(laid, QUEEN_CELL_SEALED);
  for (const { on, to = on, stage } of sights) {
    if (isOpenCell(stage)) window = notBefore(window, on);
    if (isSealed(stage)) window = notAfter(window, to);
  }
  return window;
}

/** When the virgin comes out; not before a day on which the cell was seen live, by a day on which it was seen vacated. */
export function emergenceWindow(laid: DayRange, sights: readonly Sight[]): Window {
  let window = windowFromLaying(laid, QUEEN_EMERGES);
  for (const { on, to = on, stage } of sights) {
    if (isLive(stage)) window = notBefore(window, on);
    if (stage === 'emerged') window = notAfter(window, to);
  }
  return window;
}
