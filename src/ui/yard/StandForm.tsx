'use client';

import { LIMITS } from '../../core/facts/limits';
import type { StandFact } from '../../core/facts/yard';
import { distanceM, KEPT_UNDER_M } from '../../core/yard/flyers';
import type { MapColony, MapStand, MapView } from '../../views/map-view';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { Field } from '../controls/Field';
import { NumberField } from '../controls/NumberField';
import { DailyTick } from '../today/DailyTick';
import { LengthField } from './LengthField';
import { WhatOfFlyers } from './WhatOfFlyers';
import { YardStepLine } from './YardStepLine';

interface Props {
  readonly stand: MapStand;
  readonly draft: StandFact;
  readonly view: MapView;
  /** The minute that the page was made for. */
  readonly minute: string;
  readonly isSending: boolean;
  readonly onChange: (draft: StandFact) => void;
  readonly onSave: () => void;
  readonly onReset: () => void;
  readonly onRemove: () => void;
  readonly onMove: (colony: MapColony) => void;
  /** Begins to move its hive by steps to where it is drawn. */
  readonly onSteps: () => void;
}

/** A stand by its numbers: what dragging does, done exactly. */
export function StandForm({
  stand,
  draft,
  view,
  minute,
  isSending,
  onChange,
  onSave,
  onReset,
  onRemove,
  onMove,
  onSteps,
}: Props) {
  const { x, y, facing, name } = draft;
  const isChanged = x !== stand.x || y !== stand.y || facing !== stand.facing || name !== stand.name;
  const isFar = distanceM(stand, draft) >= KEPT_UNDER_M;
  return (
    <section aria-label={`Stand: ${stand.name}`} className="mt-4">
      <h2 className="text-xl">{stand.colonies.map(({ entry }) => entry.name).join(', ') || `${stand.name}, free`}</h2>
      <Field name="Name of the stand" problem={null}>
        {(props) => (
          <input
            {...props}
            value={name}
            maxLength={LIMITS.place}
            onChange={({ target }) => onChange({ ...draft, name: target.value })}
          />
        )}
      </Field>
      <div className="grid grid-cols-3 gap-x-3">
        <LengthField
          name="East"
          value={x}
          step={0.1}
          min={-LIMITS.yardMetres}
          max={LIMITS.yardMetres}
          onChange={(metres) => onChange({ ...draft, x: metres })}
        />
        <LengthField
          name="North"
          value={y}
          step={0.1}
          min={-LIMITS.yardMetres}
          max={LIMITS.yardMetres}
          onChange={(metres) => onChange({ ...draft, y: metres })}
        />
        <NumberField
          name="Faces, °"
          value={facing}
          step={15}
          min={0}
          max={359}
          onChange={(degrees) => onChange({ ...draft, facing: Math.round(degrees) })}
        />
      </div>
      {isFar &&
        stand.colonies.map((colony) => (
          <WhatOfFlyers
            key={colony.entry.id}
            aim={{ colony, from: stand, to: { at: draft } }}
            view={view}
            onSteps={onSteps}
          >
            If the hive itself is carried there, and the map is not only put right:
          </WhatOfFlyers>
        ))}
      <p className="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <Button kind="act" disabled={!isChanged || isSending} onClick={onSave}>
          Save
        </Button>
        {isChanged && (
          <Button kind="quiet" className="min-h-11" onClick={onReset}>
            As it was
          </Button>
        )}
        <AskFirst
          trigger={
            <Button kind="quiet" className="min-h-11" disabled={isSending}>
              Take the stand away
            </Button>
          }
          title={`Take ${stand.name} off the map?`}
          body="A colony that stands there stays in the book, with the name of its stand."
          yes="Take it away"
          onYes={onRemove}
        />
      </p>
      {view.steps
        .filter(({ standId }) => standId === stand.id)
        .map((step) => (
          <div key={`${step.moveId} ${step.words}`} className="mt-3">
            <YardStepLine step={step} minute={minute} isWhole />
          </div>
        ))}
      {stand.colonies.map(({ entry, daily }) =>
        daily.map((task) => (
          <p key={task.key} className="mt-3 text-sm">
            <b>{task.words}.</b> {task.why}{' '}
            <DailyTick task={task} colony={{ id: entry.id, name: entry.name }} minute={minute} />
          </p>
        )),
      )}
      {stand.colonies.map((colony) => (
        <p key={colony.entry.id} className="mt-2">
          <Button kind="plain" onClick={() => onMove(colony)}>
            {`Move ${colony.entry.name} to another stand`}
          </Button>
        </p>
      ))}
    </section>
  );
}
