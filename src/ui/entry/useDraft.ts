'use client';

import { changeDraft, type Draft } from '../../device/draft';
import { useKeptHistory } from '../offline/useKeptHistory';

/** The draft of an inspection, kept on the device under `key` until it is saved. */
export function useDraft(initial: Draft, key: string) {
  // One kept by an earlier version may lack what was added since.
  const { present, ...history } = useKeptHistory(changeDraft, initial, key, (kept) => ({
    ...initial,
    ...kept.present,
  }));
  return { draft: present, ...history };
}
