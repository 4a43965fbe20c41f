import { EGG_DAYS } from '../biology/development';
import { type Day, daysBetween } from '../calendar/day';
import { BROOD } from './content';
import { type Box, type Hive, tenthsOn } from './hive';
import type { SurveyFact } from './survey';

/** What is known of the boxes above an excluder that is to keep the queen below. */
export interface AboveExcluder {
  /** The survey by which it is known, or from which it is still to be told whether she is below. */
  readonly from: { readonly id: string; readonly on: Day };
  /** The excluder was put on then, and nobody has looked at the frames since the eggs of before had hatched. */
  readonly isNew: boolean;
  readonly hasEggs: boolean;
  readonly hasBrood: boolean;
  /** Brood in a super, where nobody put it. */
  readonly hasBroodInSuper: boolean;
  /** The queen was seen, and below it, when it went on or since. */
  readonly isQueenBelow: boolean;
}

/** From the day after the last egg of before has hatched, what stands in a cell was laid since. */
export const EGGS_ARE_NEW = EGG_DAYS.value + 1;

/**
 * Null where there is no excluder. What was only moved, or done at the hive, tells nothing new of the brood above: what was open before
 * stays open; nor is the frame that she was on days ago a sight of her.
 *
 * @param before the frames as they were known before, with what lay above an excluder then; null: not known
 */
export function aboveExcluder(
  survey: SurveyFact,
  before: { readonly survey: SurveyFact; readonly lookedOn: Day; readonly above: AboveExcluder | null } | null,
): AboveExcluder | null {
  const above = boxesAbove(survey.hive);
  if (above.length === 0) return null;
  const isPutOn = before !== null && before.above === null;
  const isOpen = before?.above?.isNew === true && daysBetween(before.above.from.on, survey.on) < EGGS_ARE_NEW;
  const isMoved = survey.source === 'moves';
  const goesOn = before?.above && (isMoved || isOpen) ? before.above : null;
  const below = survey.hive.boxes.slice(0, survey.hive.boxes.length - above.length);
  const isFresh =
    !isMoved || before === null || before.lookedOn === survey.on || before.survey.queenFrameId !== survey.queenFrameId;
  const isQueenBelow =
    isFresh &&
    survey.queenFrameId !== null &&
    below.some(({ frames }) => frames.some(({ id }) => id === survey.queenFrameId));
  const holds = (boxes: readonly Box[], contents: Parameters<typeof tenthsOn>[1]) =>
    boxes.some(({ frames }) => frames.some((frame) => tenthsOn(frame, contents) > 0));
  return {
    from: goesOn?.from ?? { id: survey.id, on: survey.on },
    isNew: isPutOn || (goesOn?.isNew ?? false),
    hasEggs: holds(above, ['eggs']),
    hasBrood: holds(above, [...BROOD, 'drone']),
    hasBroodInSuper: holds(
      above.filter(({ role }) => role === 'super'),
      [...BROOD, 'drone'],
    ),
    isQueenBelow: isQueenBelow || (goesOn?.isQueenBelow ?? false),
  };
}

/** The boxes above the lowest excluder; none where there is none. */
function boxesAbove({ boxes }: Hive): readonly Box[] {
  const level = boxes.findIndex(({ under }, i) => i > 0 && under === 'excluder');
  return level < 0 ? [] : boxes.slice(level);
}
