'use client';

import dynamic from 'next/dynamic';
import { type ReactNode, useState } from 'react';
import type { ApiaryGroup } from '../../views/colonies-view';
import { BUTTON } from '../controls/styles';

// Its script comes when somebody asks for it.
const ColoniesTable = dynamic(() => import('./ColoniesTable').then((module) => module.ColoniesTable), { ssr: false });

/** The colonies as lanes under the days, or as a table that can be sorted and narrowed. */
export function LanesOrTable({ groups, children }: { groups: readonly ApiaryGroup[]; children: ReactNode }) {
  const [isTable, setTable] = useState(false);
  return (
    <>
      <button
        type="button"
        className={`${BUTTON.quiet} min-h-11`}
        aria-pressed={isTable}
        onClick={() => setTable(!isTable)}
      >
        {isTable ? 'As lanes' : 'As a table'}
      </button>
      {isTable ? <ColoniesTable groups={groups} /> : children}
    </>
  );
}
