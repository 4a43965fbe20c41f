'use client';

import type { ProgrammeView, UnitView } from '../../views/programme-view';
import { ButtonLink } from '../controls/Button';
import { PrintButton } from '../controls/PrintButton';
import { BackToPaper } from './BackToPaper';

interface Props {
  readonly view: ProgrammeView;
  readonly note: string;
  /** On which day the dates are as they stand here. */
  readonly made: string;
}

/** A method that was started, to be taken along: its steps, and in each of its hives what comes when and why. */
export function ProgrammeSheet({ view, note, made }: Props) {
  const { id, title, colonyName, begun, status, cautions, steps, units } = view;
  return (
    <div className="sheet mx-auto max-w-4xl">
      <div className="mt-2 flex flex-wrap items-center gap-3 print:hidden">
        <BackToPaper />
        <ButtonLink href={`/programmes/${id}`} kind="quiet">
          The programme itself
        </ButtonLink>
        <PrintButton />
      </div>
      <h1 className="mt-4 text-2xl">{`${title}: ${colonyName}`}</h1>
      <p>{`${begun}. ${status}`}</p>
      <p className="text-sm">{`As of ${made}. Dates move with what is seen: print it anew after each inspection.`}</p>
      <section aria-label="Steps at the hive" className="mt-3 break-inside-avoid border-2 border-ink p-2 text-sm">
        <h2 className="text-lg">Steps at the hive</h2>
        <ul className="my-1 border-l-4 border-ink pl-3">
          {cautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
        <ol>
          {steps.map(({ step, words, isDone }) => (
            <li key={step} className="py-0.5">
              <span aria-hidden="true">{isDone ? '☒ ' : '☐ '}</span>
              {words}
              {isDone && <b> Done.</b>}
            </li>
          ))}
        </ol>
      </section>
      {units.map((unit) => (
        <UnitSheet key={unit.colonyId} unit={unit} />
      ))}
      {note && <p className="mt-3 text-sm whitespace-pre-line">“{note}”</p>}
    </div>
  );
}

function UnitSheet({ unit }: { readonly unit: UnitView }) {
  const { colonyName, unit: role, apiary, stand, situation, gets, leaveShutWords, broodlessWords, due } = unit;
  return (
    <section aria-label={colonyName} className="mt-3 border-2 border-ink p-2 text-sm">
      <h2 className="text-lg">
        {colonyName}{' '}
        <span className="text-muted text-sm font-normal">{[role, apiary, stand].filter(Boolean).join(' · ')}</span>
      </h2>
      <p className="font-semibold">{situation}</p>
      {gets && <p>{`Has ${gets}.`}</p>}
      {leaveShutWords && <p className="font-bold">{leaveShutWords}</p>}
      {broodlessWords && <p>{broodlessWords}</p>}
      {due.length === 0 ? (
        <p className="mt-1">Nothing more is to come.</p>
      ) : (
        <ul>
          {due.map(({ key, words, why }) => (
            <li key={key} className="break-inside-avoid border-t border-line py-1.5">
              <span aria-hidden="true">☐ </span>
              <b>{`${words}.`}</b> {why}
              <span className="mt-1 block">Done on ______________ · seen ____________________________________</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
