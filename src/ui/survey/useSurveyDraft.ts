'use client';

import { useEffect, useReducer, useState } from 'react';
import { changeSurvey, type SurveyChange, type SurveyDraft } from '../../device/survey-draft';

interface History {
  readonly past: readonly SurveyDraft[];
  readonly present: SurveyDraft;
}

type Step = SurveyChange | { readonly type: 'undo' } | { readonly type: 'take-up'; readonly draft: SurveyDraft };

function step({ past, present }: History, change: Step): History {
  if (change.type === 'take-up') return { past: [], present: change.draft };
  if (change.type !== 'undo') return { past: [...past, present], present: changeSurvey(present, change) };
  const before = past.at(-1);
  return before ? { past: past.slice(0, -1), present: before } : { past, present };
}

/** The draft of a survey, with the last change to be taken back; it is kept in the browser under `key` until it is sent. */
export function useSurveyDraft(begin: SurveyDraft, key: string) {
  const [{ past, present }, dispatch] = useReducer(step, { past: [], present: begin });
  const [isTakenUp, setTakenUp] = useState(false);
  const [isTouched, setTouched] = useState(false);

  useEffect(() => {
    const kept = localStorage.getItem(key);
    if (kept === null) return;
    dispatch({ type: 'take-up', draft: { ...(JSON.parse(kept) as SurveyDraft), id: begin.id } });
    setTakenUp(true);
  }, [key, begin.id]);

  useEffect(() => {
    if (isTouched) localStorage.setItem(key, JSON.stringify(present));
  }, [key, present, isTouched]);

  return {
    draft: present,
    isTakenUp,
    change: (change: SurveyChange) => {
      setTouched(true);
      dispatch(change);
    },
    undo: past.length > 0 ? () => dispatch({ type: 'undo' }) : null,
    beginAnew: () => {
      setTouched(false);
      setTakenUp(false);
      localStorage.removeItem(key);
      dispatch({ type: 'take-up', draft: begin });
    },
    forget: () => localStorage.removeItem(key),
  };
}
