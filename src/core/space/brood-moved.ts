import { type Day, daysBetween } from '../calendar/day';
import { framesOf, type Hive, isBroodFrame } from './hive';
import { MOVED_TELLS_FOR } from './laying-rate';
import type { SurveyFact } from './survey';

/**
 * The last day up to a survey on which frames of brood came into the hive or left it, as the frames that were moved tell; null: none did
 * within the time for which brood tells a rate.
 *
 * @param told of one colony, in any order
 */
export function broodMovedOn(told: readonly SurveyFact[], { at, on }: Pick<SurveyFact, 'at' | 'on'>): Day | null {
  const surveys = [...told].sort((a, b) => (a.at < b.at || (a.at === b.at && a.id < b.id) ? -1 : 1));
  for (let i = surveys.length - 1; i > 0; i--) {
    const [was, left] = [surveys[i - 1] as SurveyFact, surveys[i] as SurveyFact];
    if (left.at > at || left.source !== 'moves') continue;
    if (daysBetween(left.on, on) > MOVED_TELLS_FOR) return null;
    if (hasBroodNotIn(was.hive, left.hive) || hasBroodNotIn(left.hive, was.hive)) return left.on;
  }
  return null;
}

/** A frame of brood hangs in one hive and in no box of the other; what became brood where it hung has not moved. */
function hasBroodNotIn(one: Hive, other: Hive): boolean {
  const there = new Set(framesOf(other).map(({ id }) => id));
  return framesOf(one).some((frame) => isBroodFrame(frame) && !there.has(frame.id));
}
