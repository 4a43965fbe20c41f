import { day } from '../core/calendar/day';
import type { FramePlan } from '../core/facts/frame-plan';
import { type Box, broodFrameCount, type Hive } from '../core/space/hive';
import type { SurveyFact } from '../core/space/survey';
import { boxName } from './boxes';
import { weekdayWords } from './days';
import { doneWords } from './hive-changes';
import { methodTitle } from './methods/methods';

/** `Clover, brood box, frame 4`: a place counted from 0. */
export const framePlaceWords = (colony: string, hive: Hive, box: Box, place: number): string =>
  `${colony}, ${boxName(hive, box)}, frame ${place + 1}`;

/** `frame 4 of brood box`: a place counted from 0. */
export const frameOfBoxWords = (hive: Hive, box: Box, place: number): string =>
  `frame ${place + 1} of ${boxName(hive, box)}`;

/** `frame by frame, 6 of brood`: a survey, with what was done since the one before it. */
export function surveyWords(
  survey: Pick<SurveyFact, 'source' | 'manner' | 'hive'>,
  before: Pick<SurveyFact, 'hive'> | undefined,
): string {
  const done = doneWords(survey, before).join(', ');
  const counted = survey.manner === 'counts' ? 'frames counted' : 'frame by frame';
  const how = survey.source === 'moves' ? done || 'frames moved' : counted;
  return `${how}, ${broodFrameCount(survey.hive)} of brood`;
}

/** `Demaree, planned for Sat 15 May, 3 of 12 done`. */
export function framePlanWords({
  method,
  on,
  done,
  steps,
}: Pick<FramePlan, 'method' | 'on' | 'done' | 'steps'>): string {
  const so = done.length > 0 ? `, ${done.length} of ${steps.length} done` : '';
  return `${methodTitle(method)}, planned for ${weekdayWords(day(on))}${so}`;
}
