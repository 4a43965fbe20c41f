'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { LIMITS } from '../../core/facts/limits';
import type { StandMoveBegun } from '../../core/facts/yard';
import type { MovedTo } from '../../core/yard/flyers';
import type { MapColony, MapStand, MapView } from '../../views/map-view';
import { isFarQuestion, onTheRoad } from '../../words/yard';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { DayField } from '../controls/DayField';
import { Field, problemOf } from '../controls/Field';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';
import type { Aim } from './flights';
import { WhatOfFlyers } from './WhatOfFlyers';

/** A colony that is to go to another stand; null: nobody said yet to which. */
export interface MoveTarget {
  readonly colony: MapColony;
  readonly from: MapStand;
  readonly onto: MapStand | null;
}

interface Props {
  readonly target: MoveTarget;
  readonly view: MapView;
  readonly today: string;
  /** What is chosen, for the map; null: nothing yet. */
  readonly onAim: (aim: Aim | null) => void;
  readonly onDone: () => void;
}

const STAND = 'stand ';
const APIARY = 'apiary ';

/** A colony goes to another stand or apiary on a day: what becomes of its flyers is said first. */
export function MoveColony({ target: { colony, from, onto }, view, today, onAim, onDone }: Props) {
  const { entry } = colony;
  const free = view.stands.filter(({ id }) => id !== from.id);
  const [to, setTo] = useState(onto ? `${STAND}${onto.id}` : '');
  const [isFar, setFar] = useState(false);
  const [there, setThere] = useState('new stand');
  const [since, setSince] = useState(today);
  const { issues, isSending, sendTo } = useSend();
  const stand = to.startsWith(STAND) ? free.find(({ id }) => id === to.slice(STAND.length)) : undefined;
  const apiaryId = to.startsWith(APIARY) ? to.slice(APIARY.length) : entry.apiaryId;
  const isChosen = stand !== undefined || apiaryId !== entry.apiaryId;
  const movedTo: MovedTo = stand ? { at: stand } : { isOverKm: isFar };
  const aim = (to: MovedTo | null) => onAim(to && { colony, from, to });
  const save = async () => {
    const { id, name, origin, parentColonyId, startedOn, endedOn, note, wanted } = entry;
    const moved = {
      id,
      name,
      origin,
      parentColonyId,
      startedOn,
      endedOn,
      note,
      wanted,
      apiaryId,
      stand: stand?.name ?? there,
      since,
    };
    if (await sendTo('/api/colonies', moved)) onDone();
  };
  const bySteps = async ({ id: ontoId, x, y }: MapStand) => {
    const begun = { kind: 'begun', id: newId(), standId: from.id, ontoId, toX: x, toY: y } satisfies StandMoveBegun;
    if (await sendTo('/api/yard/moves', begun)) onDone();
  };
  return (
    <section aria-label={`Move ${entry.name}`} className="mt-4">
      <h2 className="text-xl">{`Move ${entry.name}`}</h2>
      <p className="text-muted text-sm">{`From ${from.name}.`}</p>
      <Field name="To" problem={problemOf(issues, 'apiaryId')}>
        {(props) => (
          <select
            {...props}
            value={to}
            onChange={({ target: { value } }) => {
              setTo(value);
              const chosen = free.find(({ id }) => value === `${STAND}${id}`);
              aim(chosen ? { at: chosen } : value.startsWith(APIARY) ? { isOverKm: isFar } : null);
            }}
          >
            <option value="">choose</option>
            {free.map(({ id, name, colonies }) => (
              <option key={id} value={`${STAND}${id}`}>
                {colonies.length > 0 ? `${name}, beside ${colonies.map((one) => one.entry.name).join(', ')}` : name}
              </option>
            ))}
            {view.otherApiaries.map(({ id, name }) => (
              <option key={id} value={`${APIARY}${id}`}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      {apiaryId !== entry.apiaryId && (
        <Field name="Its stand there" problem={problemOf(issues, 'stand')}>
          {(props) => (
            <input
              {...props}
              value={there}
              maxLength={LIMITS.place}
              onChange={({ target }) => setThere(target.value)}
            />
          )}
        </Field>
      )}
      {apiaryId !== entry.apiaryId && (
        <Check
          name={isFarQuestion()}
          value={isFar}
          onChange={(isSo) => {
            setFar(isSo);
            aim({ isOverKm: isSo });
          }}
        />
      )}
      <Field name="Since" problem={problemOf(issues, 'since')}>
        {(props) => <DayField {...props} value={since} onChange={setSince} />}
      </Field>
      {isChosen && (
        <WhatOfFlyers
          aim={{ colony, from, to: movedTo }}
          view={view}
          {...(stand?.colonies.length === 0 && { onSteps: () => void bySteps(stand) })}
        />
      )}
      {isChosen && apiaryId !== entry.apiaryId && <OnTheRoad stackKg={colony.stackKg} />}
      <IssueList issues={issues} />
      <p className="mt-4 flex flex-wrap items-center gap-x-4">
        <Button kind="act" disabled={!isChosen || isSending} onClick={() => void save()}>
          It was moved
        </Button>
        <Button kind="quiet" className="min-h-11" onClick={onDone}>
          Leave it where it is
        </Button>
      </p>
    </section>
  );
}

/** What a hive wants on the road. */
function OnTheRoad({ stackKg }: { readonly stackKg: number | null }) {
  return (
    <div className="mt-3 text-sm">
      <h3 className="font-bold">On the road</h3>
      <ul className="list-disc pl-5">
        {onTheRoad(stackKg).map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
    </div>
  );
}
