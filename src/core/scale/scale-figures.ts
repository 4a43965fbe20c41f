import { figure } from '../biology/figure';

/** Kilograms of a figure in whole hundredths, in which a scale is reckoned. */
const hundredths = (name: string, kg: number) => Math.round(figure(name, kg, 'kg', 'practice').value * 100);

/** Under this a change is the scale's own trembling. */
export const NOISE = hundredths('scale-noise-up-to', 0.05);
/** A step: so much within half an hour, or between readings further apart. */
export const STEP_SOON = hundredths('scale-step-within-half-an-hour-over', 0.8);
export const STEP_LATE = hundredths('scale-step-between-readings-further-apart-over', 2);
export const SOON_MIN = figure('scale-changes-that-count-together-within', 30, 'minutes', 'practice').value;
export const GAP_MIN = figure('scale-readings-further-apart-tell-nothing', 360, 'minutes', 'practice').value;
/** What changes so near to a visit is the visit's. */
export const VISIT_MARGIN_MIN = figure('scale-changes-near-a-visit-are-its-own', 15, 'minutes', 'practice').value;
export const READINGS_A_DAY = figure('scale-readings-that-a-day-needs', 4, 'readings', 'caution').value;
/** A day that is read from later on, or until earlier, is a part of one. Minutes since midnight. */
export const WHOLE_DAY = { fromMin: 9 * 60, toMin: 21 * 60 } as const;
/** A swarm weighs so much, a strong prime one over 4 kg, and leaves in these minutes of the day. */
export const SWARM = {
  least: hundredths('scale-swarm-from', 0.8),
  most: hundredths('scale-swarm-up-to', 6),
  fromMin: 9 * 60,
  toMin: 18 * 60,
} as const;
/** At least half of it back within an hour. */
export const BACK_MIN = figure('scale-swarm-is-back-within', 60, 'minutes', 'practice').value;
/** What a day gains when a flow begins, when it is strong, and when it is over; each for so many days running. */
export const FLOW_BEGINS = hundredths('flow-begins-over', 0.5);
export const FLOW_STRONG = hundredths('flow-strong-over', 2);
export const FLOW_ENDS = hundredths('flow-ends-under', 0.2);
export const FLOW_DAYS = figure('flow-for-days-running', 3, 'days', 'practice').value;
/** A hive is open for so long from the minute that is noted of a visit. */
export const VISIT_MIN = figure('a-visit-to-a-hive-takes', 30, 'minutes', 'practice').value;
/** A sudden loss is asked about for so many days. */
export const ASKED_FOR_DAYS = figure('a-possible-swarm-on-the-scale-is-asked-about-for', 7, 'days', 'caution').value;
