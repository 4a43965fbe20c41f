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
    if (broodKey(was.hive) !== broodKey(left.hive)) return left.on;
  }
  return null;
}

/** Which frames of brood are in a hive, wherever they hang. */
const broodKey = (hive: Hive): string =>
  framesOf(hive)
    .filter(isBroodFrame)
    .map(({ id }) => id)
    .sort()
    .join(' ');
