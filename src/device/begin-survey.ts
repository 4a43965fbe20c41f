import { dayOfMinute, daysBetween } from '../core/calendar/day';
import type { Now } from '../core/calendar/now';
import { allSizes, type Settings } from '../core/settings/settings';
import { carryForward } from '../core/space/carry-forward';
import { sizeOf } from '../core/space/frame-size';
import type { Hive } from '../core/space/hive';
import type { SurveyFact } from '../core/space/survey';
import { dayWords } from '../words/days';
import type { SurveyDraft } from './survey-draft';

/** Bees sit elsewhere by the next look: their seams are counted anew. */
const uncovered = ({ boxes, ...hive }: Hive): Hive => ({
  ...hive,
  boxes: boxes.map(({ coveredSeams: _, ...box }) => box),
});

/**
 * What a new survey begins with: the frames as they were last known, with bees emerged and eggs laid since; or one brood box
 * to be counted, where they never were.
 */
export function beginSurvey(
  ids: { readonly surveyId: string; readonly boxId: string },
  colonyId: string,
  last: SurveyFact | null,
  settings: Settings,
  { minute, today }: Pick<Now, 'minute' | 'today'>,
  at: string,
): { readonly begin: SurveyDraft; readonly carriedFrom: string | null } {
  const sizes = allSizes(settings);
  const blank = {
    id: ids.surveyId,
    colonyId,
    at: at > minute ? minute : at,
    flow: last?.flow ?? ('none' as const),
    coveredSeams: null,
    queenFrameId: null,
    note: '',
    counts: {},
  };
  if (!last) {
    const { id, places } = sizeOf(settings.broodSize, sizes);
    const nest = { id: ids.boxId, role: 'brood' as const, size: id, places, under: 'open' as const, frames: [] };
    return { begin: { ...blank, manner: 'counts', hive: { boxes: [nest] } }, carriedFrom: null };
  }
  const days = daysBetween(last.on, dayOfMinute(at) > today ? today : dayOfMinute(at));
  const since = last.source === 'moves' ? 'as they were left' : 'as they were found';
  return {
    begin: { ...blank, manner: 'frames', hive: uncovered(carryForward(last.hive, days, sizes)) },
    carriedFrom: `The frames ${since} on ${dayWords(last.on)}${days > 0 ? `, with bees emerged and eggs laid in ${days} ${days === 1 ? 'day' : 'days'}: a guess. Correct it` : '. Correct them'}.`,
  };
}
