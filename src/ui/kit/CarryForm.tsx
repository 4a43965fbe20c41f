'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { LIMITS } from '../../core/facts/limits';
import { CAR, type KitPlace } from '../../core/kit/kit-entry';
import { THINGS, type Thing } from '../../core/methods/thing';
import type { KitPlaceView } from '../../views/kit-view';
import { thingName } from '../../words/kit';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { Field, problemOf } from '../controls/Field';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { useSay } from '../offline/useSay';

/** No place of the keeper's. */
const ELSEWHERE = '';
/** What its fields are called. */
const FIELD_NAMES = {
  thing: 'What',
  count: 'How many',
  from: 'From',
  to: 'To',
  reason: 'Why',
  frozenSince: 'Frozen since',
};
/** Frames that are kept in the cold. */
const MAY_BE_FROZEN: ReadonlySet<Thing> = new Set(['drawn-comb', 'frozen-stores']);

interface Props {
  readonly places: readonly KitPlaceView[];
  readonly from: KitPlace;
  readonly minute: string;
}

/** Something was carried from one place to another, bought, made, given away or broken. */
export function CarryForm({ places, from: here, minute: shownAt }: Props) {
  const thisMinute = useThisMinute(shownAt);
  const [thing, setThing] = useState<Thing>('nuc-box');
  const [count, setCount] = useState('1');
  const [from, setFrom] = useState<KitPlace | null>(null);
  const [to, setTo] = useState<KitPlace>(CAR);
  const [reason, setReason] = useState('');
  const [frozenSince, setFrozen] = useState('');
  const [isKept, setKept] = useState(false);
  const { issues, isSaying, say } = useSay({ id: 'kit', name: 'Kit' });
  const source = from ?? here;
  const save = async () => {
    const at = thisMinute();
    const entry = {
      id: newId(),
      kind: 'carried' as const,
      at,
      thing,
      count: Number(count),
      from: source === ELSEWHERE ? null : source,
      to: to === ELSEWHERE ? null : to,
      packedFor: null,
      reason,
      frozenSince: MAY_BE_FROZEN.has(thing) && frozenSince !== '' ? frozenSince : null,
    };
    const state = await say('kit', { id: newId(), at, entries: [entry] }, `${count} × ${thingName(thing)}`);
    setKept(state !== 'refused');
    if (state !== 'refused') setReason('');
  };
  const options = places.map(({ place, name }) => (
    <option key={place} value={place}>
      {name}
    </option>
  ));
  return (
    <form
      noValidate
      aria-label="Carried"
      className="mt-6 border-t-2 border-ink pt-1"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <h2 className="text-xl">Carried, bought or gone</h2>
      <Field name="What" problem={problemOf(issues, 'thing')}>
        {(props) => (
          <select {...props} value={thing} onChange={({ target }) => setThing(target.value as Thing)}>
            {THINGS.map((one) => (
              <option key={one} value={one}>
                {thingName(one)}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field name="How many" problem={problemOf(issues, 'count')}>
        {(props) => (
          <input
            {...props}
            type="number"
            inputMode="numeric"
            min={1}
            max={LIMITS.things}
            value={count}
            onChange={({ target }) => setCount(target.value)}
          />
        )}
      </Field>
      <Field name="From" problem={problemOf(issues, 'from')}>
        {(props) => (
          <select {...props} value={source} onChange={({ target }) => setFrom(target.value)}>
            {options}
            <option value={ELSEWHERE}>elsewhere: bought, made, borrowed</option>
          </select>
        )}
      </Field>
      <Field name="To" problem={problemOf(issues, 'to')}>
        {(props) => (
          <select {...props} value={to} onChange={({ target }) => setTo(target.value)}>
            {options}
            <option value={ELSEWHERE}>gone: given away, broken, used up</option>
          </select>
        )}
      </Field>
      {MAY_BE_FROZEN.has(thing) && (
        <Field name="Frozen since" hint="Only where it lies frozen." problem={problemOf(issues, 'frozenSince')}>
          {(props) => <DayField {...props} value={frozenSince} onChange={setFrozen} />}
        </Field>
      )}
      <Field name="Why" hint="May be left empty." problem={problemOf(issues, 'reason')}>
        {(props) => (
          <input
            {...props}
            value={reason}
            maxLength={LIMITS.reason}
            onChange={({ target }) => setReason(target.value)}
          />
        )}
      </Field>
      <IssueList issues={issues} names={FIELD_NAMES} />
      <p className="mt-3 flex items-center gap-x-4">
        <Button type="submit" kind="act" disabled={isSaying}>
          Note it
        </Button>
        {isKept && <span role="status">Noted.</span>}
      </p>
    </form>
  );
}
