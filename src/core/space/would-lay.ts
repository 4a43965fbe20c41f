import { type Day, daysBetween } from '../calendar/day';
import { broodMovedOn } from './brood-moved';
import type { FrameSize } from './frame-size';
import { combOf } from './hive';
import { layingRate, MOVED_TELLS_FOR } from './laying-rate';
import type { LaidBefore } from './room';
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

/**
 * What the surveys up to one, and the days on which the colony was parted, tell of how she lays.
 *
 * @param surveys of one colony, in any order
 * @param parted days on which frames of brood left for another hive or came from one, beside those that the surveys tell of
 */
export function laidBefore(
  surveys: readonly SurveyFact[],
  survey: Pick<SurveyFact, 'at' | 'on'>,
  sizes: readonly FrameSize[],
  parted: readonly Day[] = [],
): LaidBefore {
  const moved = [...parted, broodMovedOn(surveys, survey) ?? []]
    .flat()
    .filter((on) => on <= survey.on && daysBetween(on, survey.on) <= MOVED_TELLS_FOR);
  return {
    shown: wouldLay(surveys, survey.at, sizes),
    broodMovedOn: moved.length === 0 ? null : (Math.max(...moved) as Day),
  };
}
