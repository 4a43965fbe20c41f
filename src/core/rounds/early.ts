import { figure } from '../biology/figure';
import { addDays, type Day } from '../calendar/day';
import type { Check } from '../schedule/check';

/** A routine look may be made from so many days after the one before on. */
export const LOOK_AGAIN_FROM = figure('a-routine-look-again-from', 4, 'days-after-inspection', 'practice').value;
/** Cells may be thinned from so many days after a method was carried out on; what is begun after that is seen to in the days of its own. */
export const THIN_FROM = figure('cells-thinned-early-from', 4, 'days-since-made', 'practice').value;

/** What is known of a colony, as far as it tells how early a check may be. */
export interface EarlyKnown {
  readonly lastLook: Day | null;
  /** The day on which a programme was begun; null: none of that name is known. */
  readonly began: (programmeId: string) => Day | null;
}

/**
 * The first day on which a check can soundly be done before its window; undefined: not before. A routine look a few days after the last,
 * since its next date follows from the day on which it is made; a first look at any time; cells thinned two days early at most. Never looks
 * for eggs or for whether she lays, which tell nothing before their days, and nothing for which the keeper chose a day.
 */
export function earlyFrom(check: Check, { lastLook, began }: EarlyKnown, today: Day): Day | undefined {
  const from = firstOf(check, lastLook, began, today);
  return from !== null && from < check.window.earliest ? from : undefined;
}

function firstOf(
  { code, programme, plannedFor }: Check,
  lastLook: Day | null,
  began: EarlyKnown['began'],
  today: Day,
): Day | null {
  if (plannedFor !== null) return null;
  if (code === 'first-look') return today;
  if (code === 'look') return lastLook === null ? null : addDays(lastLook, LOOK_AGAIN_FROM);
  if (code !== 'thin-cells' || programme === null) return null;
  const on = began(programme.id);
  return on === null ? null : addDays(on, THIN_FROM);
}
