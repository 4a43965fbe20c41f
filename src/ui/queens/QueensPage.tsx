'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import type { QueenLineView, QueensView } from '../../views/queens-view';
import { type Column, SortTable } from '../controls/SortTable';
import { Views } from '../frame/Views';
import { PageHead } from '../time/PageHead';
import { QueenMark } from './QueenMark';

// Drawn below the lists, where there is a family to draw.
const FamilyTree = dynamic(() => import('./FamilyTree').then((module) => module.FamilyTree), { ssr: false });

const COLUMNS: readonly Column<QueenLineView>[] = [
  {
    id: 'name',
    header: 'Queen',
    value: ({ name }) => name,
    cell: ({ id, name, year }) => (
      <Link prefetch={false} href={`/colonies/queens/${id}`} className="inline-flex min-h-6 items-center gap-x-2">
        <QueenMark year={year} />
        {name}
      </Link>
    ),
  },
  { id: 'where', header: 'Where', value: ({ where }) => where },
  { id: 'marked', header: 'Marked', value: ({ isMarked }) => (isMarked ? 'marked' : 'not noted') },
  { id: 'clipped', header: 'Clipped', value: ({ isClipped }) => (isClipped ? 'clipped' : null) },
  { id: 'proof', header: 'Last proof of life', value: ({ proof }) => proof },
];

/** Which queens are there, where, and which of them want something? */
export function QueensPage({ view: { lines, unknown, families } }: { readonly view: QueensView }) {
  const there = lines.filter(({ colony }) => colony !== null);
  const drawn = families.filter(({ daughters }) => daughters.length > 0);
  return (
    <>
      <PageHead title="Queens" below={`${there.length} in the hives, ${lines.length - there.length} before them.`} />
      <Views of="colonies" />
      <div className="grid gap-x-8 wide:grid-cols-4">
        <Wanted
          title="To be replaced"
          lines={there.filter(({ replace }) => replace.length > 0)}
          words={({ replace }) => replace.join('; ')}
          none="None, by what is noted."
        />
        <Wanted title="Do not lay yet" lines={there.filter(({ isUnmated }) => isUnmated)} none="None." />
        <Wanted
          title="Not marked"
          lines={there.filter(({ isMarked, isUnmated }) => !isMarked && !isUnmated)}
          none="All that are known."
        />
        <Wanted
          title="To breed from"
          lines={lines.filter(({ isToBreedFrom }) => isToBreedFrom)}
          words={({ where }) => where}
          none="None is chosen."
        />
      </div>
      {unknown.length > 0 && (
        <section aria-label="Not in the book" className="mt-4">
          <h2 className="text-lg">Their queens are not in the book</h2>
          <p className="flex flex-wrap gap-x-4">
            {unknown.map(({ id, name }) => (
              <Link
                key={id}
                prefetch={false}
                href={`/colonies/${id}/queen`}
                className="inline-flex min-h-11 items-center"
              >
                {name}
              </Link>
            ))}
          </p>
        </section>
      )}
      {lines.length > 0 && (
        <section aria-label="All queens" className="mt-4">
          <h2 className="text-lg">All queens</h2>
          <SortTable caption="All queens" rows={lines} keyOf={({ id }) => id} columns={COLUMNS} sortedBy="where" />
        </section>
      )}
      {drawn.length > 0 && (
        <section aria-label="Families" className="mt-4">
          <h2 className="text-lg">Mothers and daughters</h2>
          {drawn.map((family) => (
            <FamilyTree key={family.queen.id} family={family} />
          ))}
        </section>
      )}
    </>
  );
}

interface WantedProps {
  readonly title: string;
  readonly lines: readonly QueenLineView[];
  readonly words?: (line: QueenLineView) => string;
  /** What stands there where there is none. */
  readonly none: string;
}

function Wanted({ title, lines, words, none }: WantedProps) {
  return (
    <section aria-label={title} className="mt-4">
      <h2 className="text-lg">{lines.length === 0 ? title : `${title} · ${lines.length}`}</h2>
      {lines.length === 0 && <p className="text-muted text-sm">{none}</p>}
      <ul>
        {lines.map((line) => (
          <li key={line.id} className="border-b border-line py-1">
            <Link
              prefetch={false}
              href={`/colonies/queens/${line.id}`}
              className="inline-flex min-h-11 items-center gap-x-2 font-semibold wide:min-h-6"
            >
              <QueenMark year={line.year} />
              {line.colony?.name ?? line.name}
            </Link>
            <span className="text-muted block text-sm">{[line.name, words?.(line)].filter(Boolean).join(': ')}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
