import type { Day } from '../calendar/day';
import type { Hive } from './hive';
import type { Flow } from './nectar';

export const SURVEY_SOURCES = ['survey', 'moves'] as const;
/** Frames looked at, or left as they were moved on the board. */
export type SurveySource = (typeof SURVEY_SOURCES)[number];

export const SURVEY_MANNERS = ['frames', 'counts'] as const;
/** Told frame by frame, or counted by what most of each frame held; then where each hangs is assumed. */
export type SurveyManner = (typeof SURVEY_MANNERS)[number];

/** What a hive was made up of at one minute. */
export interface SurveyFact {
  readonly id: string;
  /** Local minute, `YYYY-MM-DDTHH:mm`. */
  readonly at: string;
  readonly on: Day;
  readonly source: SurveySource;
  readonly manner: SurveyManner;
  readonly flow: Flow;
  /** Seams covered by bees; null: not counted. */
  readonly coveredSeams: number | null;
  /** The frame that the queen was seen on; null: not seen. */
  readonly queenFrameId: string | null;
  readonly hive: Hive;
}

/** The last one up to a day; null: none yet. */
export function lastSurvey(surveys: readonly SurveyFact[], today: Day): SurveyFact | null {
  return surveys
    .filter(({ on }) => on <= today)
    .reduce<SurveyFact | null>(
      (last, one) => (last && (last.at > one.at || (last.at === one.at && last.id > one.id)) ? last : one),
      null,
    );
}
