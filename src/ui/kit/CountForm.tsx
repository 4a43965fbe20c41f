'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { KitEntryFact } from '../../core/facts/kit';
import { LIMITS } from '../../core/facts/limits';
import type { Thing } from '../../core/methods/thing';
import type { KitPlaceView } from '../../views/kit-view';
import { oneThing } from '../../words/kit';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { Field } from '../controls/Field';
import { Stepper } from '../controls/Stepper';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { useSay } from '../offline/useSay';

interface Props {
  readonly place: KitPlaceView;
  readonly minute: string;
  readonly isReader: boolean;
}

/** Counts what lies at a place by tap; nothing is stored before it is saved. */
export function CountForm({ place: { place, name, cells }, minute: shownAt, isReader }: Props) {
  const thisMinute = useThisMinute(shownAt);
  const [counts, setCounts] = useState<ReadonlyMap<Thing, number>>(new Map());
  const [waiting, setWaiting] = useState<ReadonlyMap<Thing, number>>(new Map());
  const [isAll, setAll] = useState(false);
  const [reason, setReason] = useState('');
  const [isKept, setKept] = useState(false);
  const { issues, isSaying, say } = useSay({ id: place, name });
  const countOf = (thing: Thing) =>
    counts.get(thing) ?? waiting.get(thing) ?? cells.find((cell) => cell.thing === thing)?.count ?? 0;
  const set = (thing: Thing, count: number) => {
    setKept(false);
    setCounts(new Map(counts).set(thing, count));
  };
  const isChanged = counts.size > 0 || isAll;
  const save = async () => {
    const at = thisMinute();
    const entries = cells
      .filter(({ thing }) => isAll || counts.has(thing))
      .map(
        ({ thing }): KitEntryFact => ({
          id: newId(),
          kind: 'counted',
          at,
          thing,
          count: countOf(thing),
          from: null,
          to: place,
          packedFor: null,
          reason,
          frozenSince: null,
        }),
      );
    const state = await say('kit', { id: newId(), at, entries }, `Counted: ${name}`);
    if (state === 'refused') return;
    // What waits on the device is what lies there, though the page does not know of it yet.
    setWaiting(state === 'waiting' ? new Map([...waiting, ...counts]) : new Map());
    setCounts(new Map());
    setAll(false);
    setReason('');
    setKept(true);
  };
  return (
    <section aria-label={`What lies there: ${name}`} className="mt-4">
      <ul className="grid gap-x-8 wide:grid-cols-2">
        {cells.map(({ thing, name: thingWords, counted, frozen }) => (
          <li key={thing} className="flex items-center justify-between gap-x-3 border-b border-line py-1">
            <span className="leading-tight">
              <b>{thingWords}</b>
              <span className="text-muted block text-sm">
                {counts.has(thing)
                  ? 'not saved yet'
                  : waiting.has(thing)
                    ? 'kept here, not sent yet'
                    : counted === null
                      ? 'never counted here'
                      : `counted ${counted}`}
                {frozen && `, frozen since ${frozen}`}
              </span>
            </span>
            {isReader ? (
              <b className="text-lg">{counted === null && countOf(thing) === 0 ? '?' : countOf(thing)}</b>
            ) : (
              <Stepper
                small
                name={oneThing(thing)}
                value={countOf(thing)}
                max={LIMITS.things}
                onAdd={() => set(thing, countOf(thing) + 1)}
                onDrop={() => set(thing, countOf(thing) - 1)}
              />
            )}
          </li>
        ))}
      </ul>
      {!isReader && (
        <>
          <Check
            name="I have looked at everything here"
            hint="What stands at 0 is then known to be none, not merely never counted."
            value={isAll}
            onChange={(all) => {
              setKept(false);
              setAll(all);
            }}
          />
          {isChanged && (
            <Field
              name="Why it differs"
              hint="Where it does: found again, broken, lent, bought. May be left empty."
              problem={null}
            >
              {(props) => (
                <input
                  {...props}
                  value={reason}
                  maxLength={LIMITS.reason}
                  onChange={({ target }) => setReason(target.value)}
                />
              )}
            </Field>
          )}
          <IssueList issues={issues} />
          <p className="mt-3 flex flex-wrap items-center gap-x-4">
            <Button kind="act" disabled={!isChanged || isSaying} onClick={() => void save()}>
              Save the count
            </Button>
            {counts.size > 0 && (
              <Button kind="quiet" className="min-h-11" onClick={() => setCounts(new Map())}>
                As it was
              </Button>
            )}
            {isKept && <span role="status">Saved.</span>}
          </p>
        </>
      )}
    </section>
  );
}
