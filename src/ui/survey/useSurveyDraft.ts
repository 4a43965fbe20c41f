'use client';

import { changeSurvey, type SurveyDraft } from '../../device/survey-draft';
import { useKeptHistory } from '../controls/useKeptHistory';

/** The draft of a survey, with the last change to be taken back; it is kept in the browser under `key` until it is sent. */
export function useSurveyDraft(begin: SurveyDraft, key: string) {
  const { present, ...history } = useKeptHistory(changeSurvey, begin, key, (kept) => ({
    ...kept.present,
    id: begin.id,
  }));
  return { draft: present, ...history };
}
