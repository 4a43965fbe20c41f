'use client';

import { changeSurvey, type SurveyDraft } from '../../device/survey-draft';
import { useKeptHistory } from '../offline/useKeptHistory';

/** The draft of a survey, kept on the device under `key` until it is saved. */
export function useSurveyDraft(begin: SurveyDraft, key: string) {
  const { present, ...history } = useKeptHistory(changeSurvey, begin, key, ({ present: kept }) => kept);
  return { draft: present, ...history };
}
