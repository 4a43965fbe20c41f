import { BROOD } from './content';
import { type Box, type Hive, tenthsOn } from './hive';
import type { SurveyFact } from './survey';

/** What a survey found above an excluder that is to keep the queen below. */
export interface AboveExcluder {
  /** The excluder was not there at the survey before. */
  readonly isNew: boolean;
  readonly hasEggs: boolean;
  readonly hasBrood: boolean;
  /** Brood in a super, where nobody put it. */
  readonly hasBroodInSuper: boolean;
  /** The queen was seen, and below it. */
  readonly isQueenBelow: boolean;
}

/** Null where there is no excluder. */
export function aboveExcluder(survey: SurveyFact, before: SurveyFact | null): AboveExcluder | null {
  const above = boxesAbove(survey.hive);
  if (above.length === 0) return null;
  const below = survey.hive.boxes.slice(0, survey.hive.boxes.length - above.length);
  const holds = (boxes: readonly Box[], contents: Parameters<typeof tenthsOn>[1]) =>
    boxes.some(({ frames }) => frames.some((frame) => tenthsOn(frame, contents) > 0));
  return {
    isNew: before !== null && boxesAbove(before.hive).length === 0,
    hasEggs: holds(above, ['eggs']),
    hasBrood: holds(above, [...BROOD, 'drone']),
    hasBroodInSuper: holds(
      above.filter(({ role }) => role === 'super'),
      [...BROOD, 'drone'],
    ),
    isQueenBelow:
      survey.queenFrameId !== null && below.some(({ frames }) => frames.some(({ id }) => id === survey.queenFrameId)),
  };
}

/** The boxes above the lowest excluder; none where there is none. */
function boxesAbove({ boxes }: Hive): readonly Box[] {
  const level = boxes.findIndex(({ under }, i) => i > 0 && under === 'excluder');
  return level < 0 ? [] : boxes.slice(level);
}
