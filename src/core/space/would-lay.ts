import type { FrameSize } from './frame-size';
import { combOf } from './hive';
import { layingRate } from './laying-rate';
import type { SurveyFact } from './survey';

/** So many of the last surveys tell what a queen can do. */
const SURVEYS = 3;

/**
 * Eggs a day that she would lay if she had room: the best rate that the brood of the last three surveys tells of. What she lays now may
 * be cut by the very want of room that is asked about. Frames that were only moved tell nothing new. 0 where there is no survey.
 *
 * @param surveys of one colony, in any order
 * @param until local minute up to which they count, inclusive
 */
export function wouldLay(surveys: readonly SurveyFact[], until: string, sizes: readonly FrameSize[]): number {
  return surveys
    .filter(({ source, at }) => source === 'survey' && at <= until)
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
    .slice(-SURVEYS)
    .reduce((most, { hive }) => Math.max(most, layingRate(combOf(hive.boxes, sizes)).high), 0);
}
