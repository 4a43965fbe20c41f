import { EGG_DAYS } from '../core/biology/development';
import type { Day } from '../core/calendar/day';
import type { ProgrammePart } from '../core/programmes/facts';
import type { FrameSize } from '../core/space/frame-size';
import { sizeOf } from '../core/space/frame-size';
import { broodBoxes, combOf } from '../core/space/hive';
import type { SurveyFact } from '../core/space/survey';
import { dayWords } from '../words/days';
import { doneWords } from '../words/hive-changes';
import { framesPhrases } from '../words/pages/frames';

/** Something that changes what the frames hold, and when. */
export interface ActThen {
  readonly day: Day;
  readonly words: string;
}

/** What the frames held on one day. */
export interface FramesThen {
  readonly day: Day;
  readonly when: string;
  /** As many frames of the brood box as it would fill. */
  readonly brood: number;
  readonly stores: number;
  readonly eggsPerDay: number;
  /** What was done to the hive then. */
  readonly done: readonly string[];
}

/**
 * The contents of a hive’s frames from survey to survey, the oldest first: brood and stores in full frames of its brood box’s size, and
 * the eggs laid in a day. Where frames were moved, what the hive held after it.
 *
 * @param surveys in any order
 */
export function framesCourse(surveys: readonly SurveyFact[], sizes: readonly FrameSize[]): readonly FramesThen[] {
  const sorted = [...surveys].sort((a, b) => (a.at < b.at || (a.at === b.at && a.id < b.id) ? -1 : 1));
  return sorted.map((survey, i) => {
    const { hive, on } = survey;
    const comb = combOf(hive.boxes, sizes);
    const { cells } = sizeOf(broodBoxes(hive)[0]?.size ?? '', sizes);
    const inFrames = (count: number) => Math.round((count / cells) * 10) / 10;
    return {
      day: on,
      when: dayWords(on),
      brood: inFrames(comb.eggs + comb.larvae + comb.sealed + comb.drone),
      stores: inFrames(comb.pollen + comb.nectar + comb.honey),
      eggsPerDay: Math.round(comb.eggs / EGG_DAYS.value),
      done: doneWords(survey, sorted[i - 1]),
    };
  });
}

/** What was done to a hive by the surveys, and what was begun at it: so that a split explains the dip. In order of time. */
export function actsThen(course: readonly FramesThen[], parts: readonly ProgrammePart[]): readonly ActThen[] {
  const first = course[0]?.day;
  if (first === undefined) return [];
  const done = course.flatMap(({ day, done: words }) => (words.length > 0 ? [{ day, words: words.join(', ') }] : []));
  const begun = parts
    .filter(({ programme: { on } }) => on >= first)
    .map(({ programme: { on, method } }) => ({ day: on, words: framesPhrases.started(method) }));
  return [...done, ...begun].sort((a, b) => a.day - b.day);
}
