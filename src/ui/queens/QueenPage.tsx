'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import type { QueenPageView } from '../../views/queens-view';
import { Facts } from '../controls/Facts';
import { PutBack } from '../controls/PutBack';
import { useBook } from '../frame/BookContext';
import { Views } from '../frame/Views';
import { PageHead } from '../time/PageHead';
import { CorrectQueen } from './CorrectQueen';
import { JoinQueens } from './JoinQueens';
import { PartQueens } from './PartQueens';
import { QueenMark } from './QueenMark';
import { TakeOutEvent } from './TakeOutEvent';

/** One queen: who she is, where she was when, her mother and her daughters. */
export function QueenPage({ view }: { readonly view: QueenPageView }) {
  const { queen, line, emerged, mother, daughters, life, others, swarming, temper, deleted, joined } = view;
  const isReader = useBook()?.isReader === true;
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
              { name: 'Swarming', value: swarming },
              { name: 'Temper of her bees', value: temper ?? 'not noted' },
              ...(line.isToBreedFrom ? [{ name: 'Daughters', value: 'wanted: to breed from' }] : []),
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
            {life.map(({ key, eventId, on, colony, words }) => (
              <li key={key} className="border-b border-line py-1">
                <b>{on}</b>{' '}
                <Link prefetch={false} href={`/colonies/${colony.id}`} className="inline-block min-h-6">
                  {colony.name}
                </Link>
                {`: ${words}`}
                {eventId !== null && !isReader && (
                  <TakeOutEvent id={eventId} words={`${on}, ${colony.name}: ${words}`} />
                )}
              </li>
            ))}
          </ol>
          {deleted.map(({ id, words }) => (
            <p key={id} className="text-muted text-sm">
              {`Deleted: ${words}. `}
              {!isReader && <PutBack path={`/api/queen-events/${id}`} />}
            </p>
          ))}
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
          {joined.map(({ id, words }) => (
            <p key={id} className="mt-4 max-w-prose">
              {words} {!isReader && <PartQueens id={id} />}
            </p>
          ))}
          {others.length > 0 && <JoinQueens queenId={queen.id} others={others} />}
        </div>
      </div>
    </>
  );
}
