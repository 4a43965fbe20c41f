import type { Day } from '../calendar/day';
import type { MethodName } from '../methods/method';
import type { WayName } from './way';

/** How one colony is to be run over one season, as its keeper chose it. What he meant to do is no check, and dates nothing. */
export interface SeasonPlan {
  readonly id: string;
  readonly colonyId: string;
  /** The calendar year in which the swarms of that season begin to come. */
  readonly year: number;
  readonly way: WayName;
  /** The day on which it was chosen: what was found up to then says nothing against it. */
  readonly plannedOn: Day;
  /** How many new colonies, where the way asks. */
  readonly count: number;
  /** Which of the methods that its act allows; null: the usual one. */
  readonly method: MethodName | null;
  /** Until when, where the way asks; null: as usual. */
  readonly by: Day | null;
  /** The days that the keeper put acts on, by the act's key. */
  readonly moved: ReadonlyMap<string, Day>;
  /** Acts that he dropped, by key. */
  readonly dropped: ReadonlySet<string>;
  /** Acts that he means to do all the same: what was found up to that day does not count against them. */
  readonly again: ReadonlyMap<string, Day>;
}
