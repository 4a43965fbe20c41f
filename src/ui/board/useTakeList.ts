'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { FramePlan } from '../../core/facts/frame-plan';
import type { StartView } from '../../views/start-view';
import { useSave } from '../controls/useSave';
import { emptyStart, type StartDraft, startsOf } from '../start/start-draft';

type OfBoard = Pick<FramePlan, 'colonyId' | 'method' | 'units' | 'out' | 'queenFrameId' | 'steps'>;

/**
 * Stores the list that is worked off at the hive, with the method that it begins.
 *
 * @param view null: the method runs already, and is not begun twice: its frames are moved for it
 * @param today `YYYY-MM-DD`
 */
export function useTakeList(view: StartView | null, today: string, forget: () => void) {
  const [isBegun, setBegun] = useState(view !== null);
  const [draft, setDraft] = useState(() => view && emptyStart(view, today, null));
  const { issues, isSaving, save } = useSave('/api/frame-plans');
  return {
    issues,
    isSaving,
    /** What is asked of the method that it begins; null: it begins none. */
    begins: view &&
      draft && {
        view,
        draft,
        isBegun,
        issues,
        onIsBegun: setBegun,
        onChange: (fields: Partial<StartDraft>) => setDraft({ ...draft, ...fields }),
      },
    takeList: async (ofBoard: OfBoard) => {
      const begins = view && draft && isBegun ? startsOf(draft, view, `${today}T00:00`) : null;
      const plan: FramePlan = { ...ofBoard, id: newId(), on: today, done: [], finishedAt: null, begins };
      if (await save(plan, `/frame-plans/${plan.id}`)) forget();
    },
  };
}
