import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { type Plain, type Said, sayer } from '../says/said';
import type { CellStage } from './stage';

interface Seen {
  readonly stage: CellStage;
  readonly on: Day;
}

/** What is said of how a cell is dated. */
export interface CellSays {
  'nothing-laid-yet': Seen;
  'tells-no-age': Seen;
  'laid-by': Seen & { readonly by: Day };
  laid: Seen & { readonly laid: DayRange; readonly ages: { readonly from: number; readonly to: number } };
  'only-tipped-up': { readonly on: Day };
  'not-there': { readonly on: Day; readonly from: Day; readonly beesOff: boolean; readonly drawnOver: boolean };
  'queen-gone': { readonly on: Day; readonly laid: DayRange };
  'cannot-both-be': { readonly one: Said; readonly other: Said; readonly cause: Said };
  'may-be-overlooked': Plain;
  'one-is-wrong': Plain;
  'inspection-before': Plain;
  'stage-on': Seen;
}

export const say = sayer<CellSays>('cells');
