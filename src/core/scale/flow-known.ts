import { addDays, type Day } from '../calendar/day';
import type { Scale } from './scale-of';

/** What the scale says of the flow on a day. */
export interface FlowKnown {
  /** The flow that is on; null: none is. */
  readonly flow: { readonly from: Day; readonly strong: boolean } | null;
  /** What came in a day over the last three days that are known, kg; null: too few are. */
  readonly gainKg: number | null;
}

const DAYS = 3;

/** Whether a flow is on by the scale, and what comes in. Today itself is not over, and counts for nothing. */
export function flowKnown({ days, flow }: Pick<Scale, 'days' | 'flow'>, today: Day): FlowKnown {
  const on = flow.find(({ from, to }) => from <= today && (to === null || to >= addDays(today, -1)));
  const gains = days.flatMap(({ on: day, gain }) =>
    gain !== null && day < today && day >= addDays(today, -DAYS) ? [gain] : [],
  );
  return {
    flow: on ? { from: on.from, strong: on.strong } : null,
    gainKg: gains.length < DAYS ? null : gains.reduce((sum, gain) => sum + gain, 0) / gains.length / 100,
  };
}
