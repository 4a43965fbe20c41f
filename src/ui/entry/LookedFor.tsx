'use client';

import dynamic from 'next/dynamic';
import type { Looked } from '../../core/brood/looked';
import { SEARCH_ASKED, SEARCHED, type Searched } from '../../core/cells/thoroughness';
import { THOROUGHNESS_WORDS } from '../../words/inspections';
import { Choice } from '../controls/Choice';
import { LOOKED_OPTIONS } from './looked-options';
import type { EntryUnderWay } from './useInspectionEntry';

export const loadWhichQueen = () => import('./WhichQueen').then((module) => module.WhichQueen);
const WhichQueen = dynamic(loadWhichQueen, { ssr: false });

/** Eggs, queen, and how thoroughly cells were looked for. */
export function LookedFor({ entry: { draft, change, set, problemAt } }: { readonly entry: EntryUnderWay }) {
  return (
    <>
      <Choice<Looked>
        legend="Eggs?"
        inline
        options={LOOKED_OPTIONS}
        value={draft.eggs}
        onChange={(eggs) => set({ eggs })}
      />
      <Choice<Looked>
        legend="Queen?"
        inline
        options={LOOKED_OPTIONS}
        value={draft.queen}
        onChange={(queen) => set({ queen })}
      />
      {draft.queen === 'seen' && <WhichQueen draft={draft} change={change} />}
      <Choice<Searched>
        legend="How thoroughly did you check for cells?"
        stacked
        options={(draft.thoroughness === 'not-said' ? SEARCHED : SEARCH_ASKED).map((value) => ({
          value,
          name: THOROUGHNESS_WORDS[value].name,
          short: THOROUGHNESS_WORDS[value].tap,
          hint: THOROUGHNESS_WORDS[value].means,
        }))}
        value={draft.thoroughness}
        onChange={(thoroughness) => set({ thoroughness })}
        problem={problemAt('thoroughness')}
      />
    </>
  );
}
