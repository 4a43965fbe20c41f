'use client';

import {
  type CollisionDetection,
  closestCenter,
  DndContext,
  type DragEndEvent,
  DragOverlay,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import Link from 'next/link';
import { useCallback, useMemo, useState } from 'react';
import { v7 as newId } from 'uuid';
import type { FramePlan } from '../../core/facts/frame-plan';
import type { MethodName } from '../../core/methods/method';
import { type Arrangement, frameNamed, placeOf } from '../../core/space/arrangement';
import { checkArrangement, type Finding } from '../../core/space/arrangement-rules';
import type { FrameSize } from '../../core/space/frame-size';
import { newDummy, newFrame } from '../../core/space/frame-traits';
import type { Box, Hive } from '../../core/space/hive';
import { asIs } from '../../core/space/proposals/proposal';
import { boxName } from '../../core/space/work-list';
import { placeOfDrop } from '../../views/board-state';
import { boxTitle } from '../../views/frame-words';
import { Check } from '../controls/Check';
import { useSave } from '../controls/useSave';
import { IssueList } from '../entry/IssueList';
import { CombLegend } from '../frames/CombLegend';
import { CombPatterns } from '../frames/CombPatterns';
import { FrameComb } from '../frames/FrameComb';
import { PageHead } from '../time/PageHead';
import { AtTheHive } from './AtTheHive';
import type { NewFrame } from './BoardBox';
import { BoardTools } from './BoardTools';
import { BoardUnit } from './BoardUnit';
import { FindingList } from './FindingList';
import { OutTray } from './OutTray';
import { SelectedFrame } from './SelectedFrame';
import { capital, unitTitle } from './unit-title';
import { useBoard } from './useBoard';
import { useBoardKeys } from './useBoardKeys';
import { useReckonedBoard } from './useReckonedBoard';

export interface OtherHive {
  readonly id: string;
  readonly name: string;
  readonly hive: Hive;
  readonly queenFrameId: string | null;
}

export interface BoardPageProps {
  readonly colony: { readonly id: string; readonly name: string };
  readonly method: MethodName;
  readonly title: string;
  readonly knownFrom: string;
  readonly hive: Hive;
  readonly queenFrameId: string | null;
  readonly keptCellFrames: readonly string[];
  readonly cellFrames: readonly string[];
  readonly coveredSeams: number | null;
  /** Hives of the same apiary whose frames are known. */
  readonly others: readonly OtherHive[];
  readonly sizes: readonly FrameSize[];
  readonly usual: { readonly brood: string; readonly super: string };
  readonly warmNightC: number;
  readonly onlySealedUpBelowC: number;
  /** `YYYY-MM-DD`. */
  readonly today: string;
}

/** So far a finger or the mouse goes before a tap becomes a drag, in pixels. */
const SENSE = { activationConstraint: { distance: 6 } };

/** What is under the pointer; a fast pointer between two frames gets what is nearest. */
const underPointer: CollisionDetection = (args) => {
  const within = pointerWithin(args);
  // A frame lies on its box: it is the frame that is meant.
  const frames = within.filter(({ id }) => String(id).startsWith('frame '));
  return frames.length > 0 ? frames : within.length > 0 ? within : closestCenter(args);
};

/** An arrangement with other colonies’ hives beside it, as they stand. */
const withHives = ({ units, out }: Arrangement, hives: readonly OtherHive[]): Arrangement => ({
  units: [...units, ...hives.map(({ id, hive }) => ({ name: id, hive }))],
  out,
});

/** Which frame goes where: moved by hand or as proposed, with the rules looking on; out comes a list to work off. */
export function BoardPage(props: BoardPageProps) {
  const { colony, method, title, knownFrom, hive, others, sizes, usual, coveredSeams, today } = props;
  const [coldestNightC, setColdest] = useState<number | null>(null);
  const [hasDisease, setDisease] = useState(false);
  const [manyPests, setPests] = useState(false);
  const [fill, setFill] = useState<'empty' | 'undrawn'>('empty');
  const [dragged, setDragged] = useState<string | null>(null);
  const [refusal, setRefusal] = useState<string | null>(null);
  const [proposed, setProposed] = useState<{
    readonly queenUnit: string | null;
    readonly cellUnit: string | null;
    readonly notes: readonly string[];
  }>({ queenUnit: null, cellUnit: null, notes: [] });
  const liveCellFrames = useMemo(
    () => [...props.cellFrames, ...props.keptCellFrames],
    [props.cellFrames, props.keptCellFrames],
  );
  const { board, change, undo, redo } = useBoard({
    arrangement: asIs(hive),
    shaken: [],
    queenFrameId: props.queenFrameId,
    keptCellFrames: props.keptCellFrames,
    brought: [],
  });
  const { arrangement, queenFrameId, shaken } = board;
  const brought = useMemo(() => others.filter(({ id }) => board.brought.includes(id)), [others, board.brought]);
  const before = useMemo(() => withHives(asIs(hive), brought), [hive, brought]);
  const otherQueenFrames = useMemo(() => new Set(brought.flatMap((other) => other.queenFrameId ?? [])), [brought]);
  const unitName = useCallback(
    (unit: string) => others.find(({ id }) => id === unit)?.name ?? unitTitle(unit),
    [others],
  );
  const { selected, pickedUp, focused, select, onKey } = useBoardKeys(arrangement, change);
  const { context, findings, steps } = useReckonedBoard(board, {
    before,
    liveCellFrames,
    coldestNightC,
    hasDisease,
    warmNightC: props.warmNightC,
    onlySealedUpBelowC: props.onlySealedUpBelowC,
    coveredSeams,
    queenUnit: proposed.queenUnit,
    cellUnit: proposed.cellUnit,
    otherQueenFrames,
    unitName,
    sizes,
  });
  const { issues, isSaving, save } = useSave('/api/frame-plans');
  const sensors = useSensors(useSensor(MouseSensor, SENSE), useSensor(TouchSensor, SENSE));
  const onSelect = useCallback(
    (frameId: string) => {
      select(frameId);
      setRefusal(null);
    },
    [select],
  );
  const onNewFrame = useCallback(
    (box: Box, what: NewFrame) => {
      const frame = what === 'dummy' ? newDummy(newId(), box.size) : newFrame(newId(), box.size, what);
      change({ type: 'new-frame', frame, boxId: box.id });
    },
    [change],
  );
  const onDrop = useCallback((boxId: string) => change({ type: 'drop-box', boxId }), [change]);

  const takeProposal = async () => {
    // Many move their frames by hand: the proposals come when the first is asked for.
    const { propose } = await import('../../core/space/proposals/propose');
    const onlySealedBroodUp = coldestNightC !== null && coldestNightC < props.onlySealedUpBelowC;
    const { queenUnit, cellUnit, notes, ...proposal } = propose(method, {
      hive,
      context,
      sizes,
      newId,
      fill,
      manyPests,
      onlySealedBroodUp,
    });
    setProposed({ queenUnit, cellUnit, notes });
    select(null);
    change({
      type: 'take',
      state: { ...board, arrangement: withHives(proposal.arrangement, brought), shaken: proposal.shaken },
    });
  };

  const shake = (frameId: string, isOn: boolean) => {
    const asked = { ...context, shaken: new Set(isOn ? [...shaken, frameId] : []) };
    const against = checkArrangement(arrangement, asked, sizes).find(
      (finding) => finding.rule === 'kept-cell-not-shaken' && finding.frameId === frameId,
    );
    setRefusal(against?.text ?? null);
    if (!against) change({ type: 'shake', frameId, isOn });
  };

  const onDragEnd = ({ active, over }: DragEndEvent) => {
    setDragged(null);
    const moved = active.rect.current.translated;
    if (!over || !moved) return;
    const frameId = String(active.id);
    const isRight = moved.left + moved.width / 2 > over.rect.left + over.rect.width / 2;
    const to = placeOfDrop(arrangement, frameId, String(over.id), isRight);
    if (to !== undefined) change({ type: 'move', frameId, to });
    onSelect(frameId);
  };

  const isOneOfSeveral = arrangement.units.length > 1;
  const placeWords = ({ frameId, boxId }: Pick<Finding, 'frameId' | 'boxId'>): string | null => {
    const unit = arrangement.units.find((one) => one.hive.boxes.some(({ id }) => id === boxId));
    const box = unit?.hive.boxes.find(({ id }) => id === boxId);
    if (!unit || !box) return null;
    const name = `${boxName(unit.hive, box)}${isOneOfSeveral ? ` of ${unitName(unit.name)}` : ''}`;
    const at = box.frames.findIndex(({ id }) => id === frameId);
    return at >= 0 ? `Frame ${at + 1} of ${name}` : capital(name);
  };
  const isOut = arrangement.out.some(({ id }) => id === selected);
  const place = selected === null ? null : placeOf(arrangement, selected);
  const chosen = selected !== null && (place || isOut) ? frameNamed(arrangement, selected) : null;

  const takeList = () => {
    const plan: FramePlan = {
      id: newId(),
      colonyId: colony.id,
      method,
      on: today,
      units: arrangement.units.map(({ name, hive: boxes }) => ({ name, hive: boxes })),
      out: arrangement.out,
      queenFrameId,
      steps,
      done: [],
      finishedAt: null,
    };
    void save(plan, `/frame-plans/${plan.id}`);
  };

  return (
    <DndContext
      id="board"
      sensors={sensors}
      collisionDetection={underPointer}
      onDragStart={({ active }) => setDragged(String(active.id))}
      onDragEnd={onDragEnd}
      onDragCancel={() => setDragged(null)}
    >
      <CombPatterns />
      <PageHead
        isSticky={false}
        title={`${title}: the frames of ${colony.name}`}
        below={
          <p>
            {`${knownFrom} `}
            <Link prefetch={false} href={`/colonies/${colony.id}/frames`}>
              Back to the frames
            </Link>
          </p>
        }
      />
      <BoardTools
        coldestNightC={coldestNightC}
        fill={fill}
        undo={undo}
        redo={redo}
        onColdest={setColdest}
        onFill={setFill}
        onProposal={() => void takeProposal()}
      />
      <IssueList issues={issues} />
      <div className="mt-3 grid gap-x-8 wide:grid-cols-[minmax(0,1fr)_21rem]">
        <div>
          <div
            className="grid gap-4"
            style={{ gridTemplateColumns: 'repeat(auto-fit, minmax(min(17rem, 100%), 1fr))' }}
          >
            {arrangement.units.map((unit) => (
              <BoardUnit
                key={unit.name}
                unit={unit}
                title={unitName(unit.name)}
                isOneOfSeveral={isOneOfSeveral}
                usual={usual}
                change={change}
                board={board}
                cellFrames={context.cellFrames}
                findings={findings}
                selected={selected}
                pickedUp={pickedUp}
                focused={focused}
                sizes={sizes}
                onSelect={onSelect}
                onKey={onKey}
                onNewFrame={onNewFrame}
                onDrop={onDrop}
              />
            ))}
          </div>
          {others.length > board.brought.length && (
            <label className="mt-3 block text-sm">
              Bring in the hive of
              <select
                className="ml-2 min-h-11 border-2 border-ink bg-paper px-2"
                value=""
                onChange={({ target: { value } }) => {
                  const other = others.find(({ id }) => id === value);
                  if (other) change({ type: 'bring', unit: { name: other.id, hive: other.hive } });
                }}
              >
                <option value="">another colony here …</option>
                {others
                  .filter(({ id }) => !board.brought.includes(id))
                  .map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
              </select>
            </label>
          )}
          <OutTray frames={arrangement.out} selected={selected} onSelect={onSelect} />
          <CombLegend />
          <p className="text-muted mt-2 text-sm">
            Drag a frame, or choose it and press space: the arrows then move it, space puts it down. Delete takes it
            out.
          </p>
        </div>
        <div>
          {refusal && (
            <p role="alert" className="text-propolis border-l-4 border-propolis pl-3 font-bold">
              {refusal}
            </p>
          )}
          {chosen && (
            <SelectedFrame
              frame={chosen}
              where={place ? (placeWords({ frameId: chosen.id, boxId: place.boxId }) ?? '') : 'Taken out'}
              isOut={isOut}
              board={board}
              hasCells={context.cellFrames.has(chosen.id)}
              boxes={arrangement.units.flatMap((unit) =>
                unit.hive.boxes.map((box) => ({
                  id: box.id,
                  name: `${boxTitle(unit.hive, box)}${isOneOfSeveral ? `, ${unitName(unit.name)}` : ''}`,
                  frames: box.frames.filter(({ id }) => id !== chosen.id).length,
                })),
              )}
              change={change}
              onShake={shake}
            />
          )}
          <FindingList findings={findings} placeWords={placeWords} onSelect={onSelect} />
          {proposed.notes.length > 0 && (
            <ul aria-label="What the proposal could not do" className="mt-2 text-sm font-semibold">
              {proposed.notes.map((note) => (
                <li key={note}>{note}</li>
              ))}
            </ul>
          )}
          <Check
            name="The brood looks diseased"
            hint="Sunken, perforated, smelly or ropy brood: stop moving frames, close up and call the inspector."
            value={hasDisease}
            onChange={setDisease}
          />
          {(method === 'even-split' || method === 'walk-away') && (
            <Check
              name="Robbers or pests are many here"
              hint="The proposal then keeps honey out of the weaker half."
              value={manyPests}
              onChange={setPests}
            />
          )}
          <AtTheHive
            steps={steps}
            isStopped={findings.some(({ severity }) => severity === 'stop')}
            isSaving={isSaving}
            onTake={takeList}
          />
        </div>
      </div>
      <DragOverlay dropAnimation={null}>
        {dragged !== null && (
          <div style={{ width: 36, height: 112 }}>
            <FrameComb frame={frameNamed(arrangement, dragged)} isQueenHere={dragged === queenFrameId} />
          </div>
        )}
      </DragOverlay>
    </DndContext>
  );
}
