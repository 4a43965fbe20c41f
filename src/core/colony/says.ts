import type { Day } from '../calendar/day';
import { sayer } from '../says/said';
import type { DoubtCode } from './queen-doubt';

/** What is said of a colony and its queens. */
export interface ColonySays {
  doubt: { readonly doubt: DoubtCode; readonly on: Day };
  'doubt-next': { readonly doubt: DoubtCode };
}

export const say = sayer<ColonySays>('colony');
