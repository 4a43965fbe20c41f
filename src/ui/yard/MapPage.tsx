'use client';

import Link from 'next/link';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { StandFact, StandMoveBegun, YardSaid } from '../../core/facts/yard';
import { distanceM, KEPT_UNDER_M } from '../../core/yard/flyers';
import type { MapView } from '../../views/map-view';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';
import { Views } from '../frame/Views';
import { PageHead } from '../time/PageHead';
import { type Aim, flightsOf } from './flights';
import { MarksForm } from './MarksForm';
import { MoveColony, type MoveTarget } from './MoveColony';
import { StandForm } from './StandForm';
import { type Placed, YardDrawing } from './YardDrawing';

interface Props {
  readonly view: MapView;
  /** `YYYY-MM-DD` */
  readonly today: string;
  /** The minute that the page was made for. */
  readonly minute: string;
}

/** A hive dropped so near another stand is meant to go onto it. */
const ONTO_M = 0.6;
/** Stands that are laid out in one go stand in a row, this far apart. */
const ROW_M = 2;
const SOUTH = 180;

/** Where does each hive stand, and what becomes of the flyers if it moves? */
export function MapPage({ view, today, minute }: Props) {
  const { apiary, stands, marks, unplaced, notes } = view;
  const isReader = useBook()?.isReader === true;
  const { issues, isSending, sendTo } = useSend();
  const [drafts, setDrafts] = useState<ReadonlyMap<string, StandFact>>(new Map());
  const [chosen, setChosen] = useState<string | null>(null);
  const [moving, setMoving] = useState<MoveTarget | null>(null);
  const [aimed, setAim] = useState<Aim | null>(null);

  const draftOf = (id: string): StandFact | undefined => {
    const stand = stands.find((one) => one.id === id);
    if (!stand) return undefined;
    const { colonies: _, ...fact } = stand;
    return drafts.get(id) ?? fact;
  };
  const change = (fact: StandFact) => setDrafts(new Map(drafts).set(fact.id, fact));
  const drop = (id: string) => setDrafts(new Map([...drafts].filter(([other]) => other !== id)));
  const save = async (said: Partial<YardSaid>): Promise<boolean> => {
    const isSent = await sendTo('/api/yard', { stands: [], marks: [], gone: [], ...said });
    if (isSent) setDrafts(new Map());
    return isSent;
  };
  const bySteps = async ({ id: standId, x: toX, y: toY }: StandFact) => {
    const begun = { kind: 'begun', id: newId(), standId, ontoId: null, toX, toY } satisfies StandMoveBegun;
    if (await sendTo('/api/yard/moves', begun)) drop(standId);
  };
  const place = (id: string, to: Placed, isEnd: boolean) => {
    const before = draftOf(id);
    const stand = stands.find((one) => one.id === id);
    if (!before || !stand) return;
    const onto = stands.find((other) => other.id !== id && distanceM(other, to) < ONTO_M);
    const [colony] = stand.colonies;
    if (isEnd && onto && colony && distanceM(stand, to) >= ONTO_M) {
      drop(id);
      setMoving({ colony, from: stand, onto });
      setAim({ colony, from: stand, to: { at: onto } });
      return;
    }
    change({ ...before, ...to });
  };
  const named = unplaced.filter(({ entry }) => entry.stand !== '');
  const unnamed = unplaced.filter(({ entry }) => entry.stand === '');
  const layOut = () => {
    const names = [...new Set(named.map(({ entry }) => entry.stand))];
    const x0 = stands.length === 0 ? 0 : Math.max(...stands.map(({ x }) => x)) + ROW_M;
    void save({
      stands: names.map((name, i) => ({
        id: newId(),
        apiaryId: apiary.id,
        name,
        x: x0 + i * ROW_M,
        y: 0,
        facing: SOUTH,
      })),
    });
  };
  const addStand = () => {
    const x = stands.length === 0 ? 0 : Math.max(...stands.map((one) => one.x)) + ROW_M;
    const taken = new Set(stands.map(({ name }) => name));
    let n = stands.length + 1;
    while (taken.has(`stand ${n}`)) n += 1;
    const id = newId();
    void save({ stands: [{ id, apiaryId: apiary.id, name: `stand ${n}`, x, y: 0, facing: SOUTH }] }).then(
      (isSent) => isSent && setChosen(id),
    );
  };
  const selected = stands.find(({ id }) => id === chosen);
  const draft = chosen === null ? undefined : draftOf(chosen);
  const [carried] = selected?.colonies ?? [];
  const isFar = selected && draft && carried && distanceM(selected, draft) >= KEPT_UNDER_M;
  const aim = moving ? aimed : isFar ? { colony: carried, from: selected, to: { at: draft } } : null;
  return (
    <>
      <PageHead title={`Map of ${apiary.name}`} below="North is up. Drag a hive, or move it with the arrow keys." />
      <Views of="apiaries" />
      {notes.map((words) => (
        <p key={words} className="mt-3 max-w-prose font-semibold">
          {words}
        </p>
      ))}
      <IssueList issues={issues} />
      <div className="wide:grid wide:grid-cols-[1fr_22rem] wide:gap-x-8">
        <div>
          <YardDrawing
            stands={stands}
            marks={marks}
            steps={view.steps}
            placeOf={(stand) => drafts.get(stand.id) ?? stand}
            chosen={chosen}
            onChoose={(id) => {
              setChosen(id);
              setMoving(null);
              setAim(null);
            }}
            onPlace={place}
            flights={aim ? flightsOf(view, aim) : null}
            isFixed={isReader}
          />
          {named.length > 0 && (
            <p className="mt-2 flex flex-wrap items-baseline gap-x-3">
              {`Not on the map: ${named.map(({ entry }) => `${entry.name} (${entry.stand})`).join(', ')}.`}
              {!isReader && (
                <Button kind="quiet" className="min-h-11" disabled={isSending} onClick={layOut}>
                  Set up their stands in a row
                </Button>
              )}
            </p>
          )}
          {unnamed.length > 0 && (
            <p className="mt-2 flex flex-wrap items-baseline gap-x-3">
              No stand is noted for:
              {unnamed.map(({ entry }) => (
                <Link
                  key={entry.id}
                  prefetch={false}
                  href={`/colonies/${entry.id}/edit`}
                  className="inline-flex min-h-11 items-center"
                >
                  {entry.name}
                </Link>
              ))}
            </p>
          )}
          <p className="mt-3 flex flex-wrap gap-2 print:hidden">
            {!isReader && (
              <Button kind="plain" disabled={isSending} onClick={addStand}>
                Add a stand
              </Button>
            )}
            <Button kind="plain" onClick={() => window.print()}>
              Print it
            </Button>
          </p>
        </div>
        {!isReader && (
          <div className="print:hidden">
            {moving ? (
              <MoveColony
                key={`${moving.colony.entry.id} ${moving.onto?.id}`}
                target={moving}
                view={view}
                today={today}
                onAim={setAim}
                onDone={() => {
                  setMoving(null);
                  setAim(null);
                }}
              />
            ) : selected && draft ? (
              <StandForm
                key={selected.id}
                stand={selected}
                draft={draft}
                view={view}
                minute={minute}
                isSending={isSending}
                onChange={change}
                onSave={() => void save({ stands: [draft] })}
                onReset={() => drop(selected.id)}
                onRemove={() => void save({ gone: [selected.id] }).then((isSent) => isSent && setChosen(null))}
                onSteps={() => void bySteps(draft)}
                onMove={(colony) => setMoving({ colony, from: selected, onto: null })}
              />
            ) : (
              <p className="text-muted mt-4">
                Choose a stand to see its numbers, or to move the colony that stands on it.
              </p>
            )}
            <MarksForm apiaryId={apiary.id} marks={marks} isSending={isSending} onSave={save} />
          </div>
        )}
      </div>
    </>
  );
}
