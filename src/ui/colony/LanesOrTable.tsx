'use client';

import dynamic from 'next/dynamic';
import { type ReactNode, useState } from 'react';
import type { ApiaryGroup } from '../../views/colonies-view';
import { Button } from '../controls/Button';

// Its script comes when somebody asks for it.
const ColoniesTable = dynamic(() => import('./ColoniesTable').then((module) => module.ColoniesTable), { ssr: false });

/** The colonies as lanes under the days, or as a table that can be sorted and narrowed. */
export function LanesOrTable({ groups, children }: { groups: readonly ApiaryGroup[]; children: ReactNode }) {
  const [isTable, setTable] = useState(false);
  return (
    <>
      <Button kind="quiet" className="min-h-11" aria-pressed={isTable} onClick={() => setTable(!isTable)}>
        {isTable ? 'As lanes' : 'As a table'}
      </Button>
      {isTable ? <ColoniesTable groups={groups} /> : children}
    </>
  );
}
