'use client';

import Link from 'next/link';
import type { ApiaryGroup, ColonyLine } from '../../views/colonies-view';
import { weekdayWords } from '../../words/days';
import { type Column, SortTable } from '../controls/SortTable';
import { TONE_TEXT } from '../time/tones';

type Row = ColonyLine & { readonly apiary: string };

const COLUMNS: readonly Column<Row>[] = [
  {
    id: 'name',
    header: 'Colony',
    value: ({ name }) => name,
    cell: ({ id, name }) => (
      <Link prefetch={false} href={`/colonies/${id}`}>
        {name}
      </Link>
    ),
  },
  { id: 'apiary', header: 'Apiary', value: ({ apiary }) => apiary },
  { id: 'stand', header: 'Stand', value: ({ stand }) => stand || null },
  { id: 'reading', header: 'Reading', value: ({ reading }) => reading },
  {
    id: 'due',
    header: 'Due',
    value: ({ dueOn }) => dueOn,
    words: ({ due }) => due ?? '',
    cell: ({ due, tone }) => due && <b className={TONE_TEXT[tone]}>{due}</b>,
  },
  {
    id: 'looked',
    header: 'Last inspected',
    value: ({ lookedOn }) => lookedOn,
    words: ({ lookedOn }) => (lookedOn === null ? '' : weekdayWords(lookedOn)),
    cell: ({ lookedOn }) => (lookedOn === null ? 'not yet' : weekdayWords(lookedOn)),
  },
];

/** All colonies as a table, the most pressing first. */
export function ColoniesTable({ groups }: { groups: readonly ApiaryGroup[] }) {
  const rows = groups.flatMap(({ apiary, colonies }) => colonies.map((one): Row => ({ ...one, apiary: apiary.name })));
  return <SortTable caption="All colonies" rows={rows} keyOf={({ id }) => id} columns={COLUMNS} sortedBy="due" />;
}
