'use client';

import Link from 'next/link';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { CAR } from '../../core/kit/kit-entry';
import type { PackingLine, PackingView } from '../../views/packing-view';
import { Button } from '../controls/Button';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';
import { useThisMinute } from '../frame/useThisMinute';
import { useSay } from '../offline/useSay';
import { PageHead } from '../time/PageHead';

interface Props {
  readonly view: PackingView;
  readonly minute: string;
}

/** What goes into the car before this round? */
export function PackingPage({ view, minute }: Props) {
  const { title, toPack, inCar, there, toPickUp, missing, isUncounted } = view;
  const isNothing = [toPack, inCar, toPickUp, missing].every((list) => list.length === 0);
  return (
    <>
      <PageHead title="Packing list" below={title} />
      {isUncounted && (
        <p className="mt-3 max-w-prose">
          Nothing is counted yet, so nobody knows what lies there already: this is all that the round needs.
        </p>
      )}
      {isNothing && <p className="mt-3">Nothing has to come along but what you always take.</p>}
      {missing.length > 0 && (
        <section aria-label="Short" className="mt-4">
          <h2 className="text-propolis text-lg">Short</h2>
          <ul>
            {missing.map(({ key, words, why }) => (
              <li key={key} className="border-b border-line py-1">
                <b>{words}</b>
                <span className="text-muted block text-sm">{why}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <ToPack lines={toPack} minute={minute} title={title} packedFor={view.apiaryId} />
      <Lines title="In the car" lines={inCar} />
      <Lines title="Pick up there, for elsewhere" lines={toPickUp} />
      <Lines title="Lies there already" lines={there} />
      <p className="mt-5 flex flex-wrap gap-x-4 print:hidden">
        <Button kind="plain" onClick={() => window.print()}>
          Print it
        </Button>
        <Link prefetch={false} href="/apiaries/kit" className="inline-flex min-h-11 items-center">
          All of the kit
        </Link>
      </p>
    </>
  );
}

function Lines({ title, lines }: { readonly title: string; readonly lines: readonly PackingLine[] }) {
  if (lines.length === 0) return null;
  return (
    <section aria-label={title} className="mt-4">
      <h2 className="text-lg">{title}</h2>
      <ul>
        {lines.map(({ key, words, why }) => (
          <li key={key} className="border-b border-line py-1">
            {words}
            <span className="text-muted block text-sm">{why}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface ToPackProps {
  readonly lines: readonly PackingLine[];
  readonly minute: string;
  readonly title: string;
  readonly packedFor: string;
}

/** What is ticked is in the car from then on; kept on the device where there is no signal. */
function ToPack({ lines, minute: shownAt, title, packedFor }: ToPackProps) {
  const isReader = useBook()?.isReader === true;
  const thisMinute = useThisMinute(shownAt);
  const { issues, isSaying, say } = useSay({ id: 'kit', name: title });
  const [packed, setPacked] = useState<ReadonlySet<string>>(new Set());
  if (lines.length === 0) return <IssueList issues={issues} />;
  const pack = async ({ key, thing, count, from, words }: PackingLine) => {
    const at = thisMinute();
    const entry = {
      id: newId(),
      kind: 'carried',
      at,
      thing,
      count,
      from,
      to: CAR,
      packedFor,
      reason: '',
      frozenSince: null,
    } as const;
    setPacked((before) => new Set(before).add(key));
    const state = await say('kit', { id: newId(), at, entries: [entry] }, `In the car: ${words}`);
    if (state === 'refused') setPacked((before) => new Set([...before].filter((one) => one !== key)));
  };
  return (
    <section aria-label="To put in the car" className="mt-4">
      <h2 className="text-lg">To put in the car</h2>
      <IssueList issues={issues} />
      <ul>
        {lines.map((line) => (
          <li key={line.key} className="border-b border-line">
            <label className="flex min-h-12 cursor-pointer items-center gap-3 py-1">
              <input
                type="checkbox"
                className="size-6 shrink-0 accent-ink"
                checked={packed.has(line.key)}
                disabled={isReader || isSaying || packed.has(line.key)}
                onChange={() => void pack(line)}
              />
              <span className="leading-tight">
                <b className={packed.has(line.key) ? 'line-through' : ''}>{line.words}</b>
                <span className="text-muted block text-sm">{line.why}</span>
              </span>
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}
