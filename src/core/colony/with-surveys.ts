import { broodFrameCount } from '../space/hive';
import type { RoomFigures } from '../space/nectar';
import { roomOf } from '../space/room';
import { laidBefore } from '../space/would-lay';
import type { ColonyFacts, InspectionFact } from './facts';
import { partedDays } from './parted-days';

/**
 * An inspection with what a survey of the frames on the same day tells of room, brood and bees, where the inspection itself does not
 * say it. Of several surveys the last counts; frames that were moved afterwards were not what the look found.
 */
export function withSurveys(
  inspection: InspectionFact,
  { surveys, parts }: Pick<ColonyFacts, 'surveys' | 'parts'>,
  figures: RoomFigures,
): InspectionFact {
  const found = surveys.findLast(({ on, source }) => on === inspection.on && source === 'survey');
  if (!found) return inspection;
  const { days, bound } = roomOf(found, figures, laidBefore(surveys, found, figures.sizes, partedDays(parts, found)));
  return {
    ...inspection,
    layingRoomDays: inspection.layingRoomDays ?? days.least,
    stores: inspection.stores === 'not-looked-for' ? (bound?.by ?? 'room') : inspection.stores,
    broodFrames: inspection.broodFrames ?? broodFrameCount(found.hive),
    coveredSeams: inspection.coveredSeams ?? found.coveredSeams,
  };
}
