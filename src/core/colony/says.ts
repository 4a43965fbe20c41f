import type { Day } from '../calendar/day';
import type { ReadingName } from '../inspections/reading';
import type { MethodName } from '../methods/method';
import { type Plain, sayer } from '../says/said';
import type { AgedAs } from './aged';
import type { DoubtCode } from './queen-doubt';

/** What is said of a colony and its queens. */
export interface ColonySays {
  doubt: { readonly doubt: DoubtCode; readonly on: Day };
  'doubt-next': { readonly doubt: DoubtCode };

  'replacing-her': Plain;
  'cells-broken-down': Plain;
  read: { readonly reading: ReadingName };
  'late-to-lay': Plain;
  'no-eggs-by': { readonly on: Day };
  'caged-queen-given': { readonly on: Day };
  'without-queen': { readonly since: Day };
  'swarm-left': { readonly on: Day };
  'virgin-inside': Plain;
  'method-begun': { readonly method: MethodName; readonly on: Day };
  'not-inspected': Plain;
  aged: { readonly as: AgedAs; readonly since: Day; readonly seenOn: Day; readonly read: ReadingName };
}

export const say = sayer<ColonySays>('colony');
