import { addDays, type Day } from '../calendar/day';
import { FLOW_BEGINS, FLOW_DAYS, FLOW_ENDS, FLOW_STRONG } from './scale-figures';

/** A flow by the scale; `to` null: it had not ended. */
export interface ScaleFlow {
  readonly from: Day;
  readonly to: Day | null;
  readonly strong: boolean;
}

type DayGain = { readonly on: Day; readonly gain: number | null };

/**
 * Flows: from the first of three days running that gain enough to the day before the first of three that gain next to nothing. A day of
 * which nothing is known interrupts a row and ends nothing.
 */
export function flowsIn(days: readonly DayGain[]): readonly ScaleFlow[] {
  const flows: ScaleFlow[] = [];
  let from: number | null = null;
  for (const i of days.keys()) {
    if (from === null && isRow(days, i, (gain) => gain > FLOW_BEGINS)) from = i - FLOW_DAYS + 1;
    else if (from !== null && isRow(days, i, (gain) => gain < FLOW_ENDS)) {
      flows.push(flowOf(days, from, i - FLOW_DAYS));
      from = null;
    }
  }
  return from === null ? flows : [...flows, { ...flowOf(days, from, days.length - 1), to: null }];
}

/** Whether the days up to one, as many as make a row, all are so. */
function isRow(days: readonly DayGain[], last: number, is: (gain: number) => boolean): boolean {
  const row = days.slice(Math.max(0, last - FLOW_DAYS + 1), last + 1);
  return row.length === FLOW_DAYS && row.every(({ gain }) => gain !== null && is(gain));
}

function flowOf(days: readonly DayGain[], from: number, to: number): ScaleFlow {
  const within = days.slice(from, to + 1);
  const first = (days[from] as DayGain).on;
  return {
    from: first,
    to: addDays(first, to - from),
    strong: within.some((_, i) => isRow(within, i, (gain) => gain > FLOW_STRONG)),
  };
}
