'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import type { QueenPageView } from '../../views/queens-view';
import { Facts } from '../controls/Facts';
import { Views } from '../frame/Views';
import { PageHead } from '../time/PageHead';
import { CorrectQueen } from './CorrectQueen';
import { JoinQueens } from './JoinQueens';
import { QueenMark } from './QueenMark';

/** One queen: who she is, where she was when, her mother and her daughters. */
export function QueenPage({ view }: { readonly view: QueenPageView }) {
  const { queen, line, emerged, mother, daughters, life, others } = view;
  const linked = (id: string, name: string): ReactNode => (
    <Link prefetch={false} href={`/colonies/queens/${id}`} className="inline-block min-h-6">
      {name}
    </Link>
  );
  return (
    <>
      <PageHead
        title={
          <span className="inline-flex items-center gap-x-2">
            <QueenMark year={line.year} />
            {line.name}
          </span>
        }
        below={
          line.colony ? (
            <Link prefetch={false} href={`/colonies/${line.colony.id}`} className="inline-block min-h-6">
              {line.where}
            </Link>
          ) : (
            line.where
          )
        }
      />
      <Views of="colonies" />
      {line.replace.length > 0 && (
        <p className="text-propolis mt-3 max-w-prose font-semibold">{`To be replaced: ${line.replace.join('; ')}.`}</p>
      )}
      <div className="grid gap-x-8 wide:grid-cols-2">
        <div>
          <Facts
            facts={[
              { name: 'Emerged', value: emerged ?? 'not noted' },
              { name: 'Mark', value: line.isMarked ? 'marked' : 'not noted' },
              { name: 'Wing', value: line.isClipped ? 'clipped' : 'not noted as clipped' },
              { name: 'Last proof of life', value: line.proof ?? 'not in a hive now' },
              ...(queen.note === '' ? [] : [{ name: 'Note', value: queen.note }]),
            ]}
          />
          <h2 className="mt-4 text-lg">Mother and daughters</h2>
          <p>Mother: {mother ? linked(mother.id, mother.name) : 'not noted'}</p>
          {daughters.length > 0 && (
            <ul aria-label="Daughters" className="list-disc pl-5">
              {daughters.map(({ id, name, where }) => (
                <li key={id}>{linked(id, `${name}, ${where}`)}</li>
              ))}
            </ul>
          )}
          <h2 className="mt-4 text-lg">Where she was</h2>
          {life.length === 0 && <p className="text-muted">Nothing is noted of her.</p>}
          <ol aria-label="Her life">
            {life.map(({ key, on, colony, words }) => (
              <li key={key} className="border-b border-line py-1">
                <b>{on}</b>{' '}
                <Link prefetch={false} href={`/colonies/${colony.id}`} className="inline-block min-h-6">
                  {colony.name}
                </Link>
                {`: ${words}`}
              </li>
            ))}
          </ol>
          {line.colony && (
            <p className="mt-2">
              <Link prefetch={false} href={`/colonies/${line.colony.id}/queen`} className="inline-block min-h-6">
                Note what happened to her
              </Link>
            </p>
          )}
        </div>
        <div>
          <CorrectQueen queen={queen} others={others} />
          {others.length > 0 && <JoinQueens queenId={queen.id} others={others} />}
        </div>
      </div>
    </>
  );
}
