'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useCallback, useMemo, useState } from 'react';
import { v7 as newId } from 'uuid';
import type { MethodName } from '../../core/methods/method';
import { type Arrangement, placeOf } from '../../core/space/arrangement';
import type { Finding } from '../../core/space/arrangement-rules';
import type { FrameSize } from '../../core/space/frame-size';
import { newDummy, newFeeder, newFrame } from '../../core/space/frame-traits';
import type { Box, Frame, Hive } from '../../core/space/hive';
import type { Flow, NectarKg } from '../../core/space/nectar';
import { asIs } from '../../core/space/proposals/proposal';
import { draftKey } from '../../device/stored-draft';
import { NOTHING_PROPOSED } from '../../views/board-state';
import type { StartView } from '../../views/start-view';
import { unitTitle } from '../../words/units';
import { Check } from '../controls/Check';
import { IssueList } from '../entry/IssueList';
import { CombLegend } from '../frames/CombLegend';
import { CombPatterns } from '../frames/CombPatterns';
import { useLoaded } from '../loading/useLoaded';
import { useSoon } from '../loading/useSoon';
import { TakenUp } from '../offline/TakenUp';
import { PageHead } from '../time/PageHead';
import type { NewFrame } from './BoardBox';
import { BoardTools } from './BoardTools';
import { BoardUnit } from './BoardUnit';
import { BringHive } from './BringHive';
import type { DragLayerProps } from './DragLayer';
import { OutTray } from './OutTray';
import { framePlaceWords } from './place-words';
import { useBoard } from './useBoard';
import { useBoardKeys } from './useBoardKeys';
import { useProposal } from './useProposal';
import { useReckonedBoard } from './useReckonedBoard';
import { useTakeList } from './useTakeList';

// What stands beside and below the frames tells what they come to, and what a method asks: it comes once the board can be worked on.
const AtTheHive = dynamic(() => import('./AtTheHive').then((module) => module.AtTheHive), { ssr: false });
const BoardBalance = dynamic(() => import('./BoardBalance').then((module) => module.BoardBalance), { ssr: false });
const FindingList = dynamic(() => import('./FindingList').then((module) => module.FindingList), { ssr: false });
const WhatItBegins = dynamic(() => import('./WhatItBegins').then((module) => module.WhatItBegins), { ssr: false });
const loadSelectedFrame = () => import('./SelectedFrame').then((module) => module.SelectedFrame);
const SelectedFrame = dynamic(loadSelectedFrame, { ssr: false });
const SOON = [loadSelectedFrame];
const NONE: readonly Finding[] = [];

// What it takes to drag frames is as much again as the board: they can be tapped and moved by keys meanwhile.
const loadDragLayer = () => import('./DragLayer');
const StillLayer = ({ children }: DragLayerProps) => children;

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
  /** The frames were only counted: where each hangs is assumed. */
  readonly areCounted: boolean;
  readonly flow: Flow;
  readonly nectarKg: NectarKg;
  readonly wouldLayPerDay: number;
  /** What the method asks for when it is begun by this list; null: it runs already. */
  readonly start: StartView | null;
  /** Hives of the same apiary whose frames are known. */
  readonly others: readonly OtherHive[];
  readonly sizes: readonly FrameSize[];
  readonly usual: { readonly brood: string; readonly super: string };
  /** The coldest of the next five nights as the weather page has it, °C; null: not known. */
  readonly coldestNightC: number | null;
  /** Brood disease is suspected where it stands. */
  readonly isSuspected: boolean;
  readonly warmNightC: number;
  readonly onlySealedUpBelowC: number;
  /** Its two halves share the stores. */
  readonly sharesStores: boolean;
  /** The method puts empty frames between brood on purpose. */
  readonly emptyInNest: boolean;
  /** `YYYY-MM-DD`. */
  readonly today: string;
}

const NEW_FRAME: { readonly [W in NewFrame]: (size: string) => Frame } = {
  empty: (size) => newFrame(newId(), size, 'empty'),
  undrawn: (size) => newFrame(newId(), size, 'undrawn'),
  honey: (size) => newFrame(newId(), size, 'honey'),
  dummy: (size) => newDummy(newId(), size),
  feeder: (size) => newFeeder(newId(), size),
};

/** An arrangement with other colonies’ hives beside it, as they stand. */
const withHives = ({ units, out }: Arrangement, hives: readonly OtherHive[]): Arrangement => ({
  units: [...units, ...hives.map(({ id, hive }) => ({ name: id, hive }))],
  out,
});

/** Which frame goes where: moved by hand or as proposed, with the rules looking on; out comes a list to work off. */
export function BoardPage(props: BoardPageProps) {
  useSoon(SOON);
  const { colony, method, title, knownFrom, hive, others, sizes, usual, coveredSeams, today } = props;
  const [coldestNightC, setColdest] = useState<number | null>(props.coldestNightC);
  const [hasDisease, setDisease] = useState(props.isSuspected);
  const { fill, setFill, manyPests, setPests, propose } = useProposal(method);
  const liveCellFrames = useMemo(
    () => [...props.cellFrames, ...props.keptCellFrames],
    [props.cellFrames, props.keptCellFrames],
  );
  const { board, change, undo, redo, takenUpFrom, beginAnew, forget } = useBoard(
    {
      arrangement: asIs(hive),
      shaken: [],
      queenFrameId: props.queenFrameId,
      keptCellFrames: props.keptCellFrames,
      brought: [],
      proposed: NOTHING_PROPOSED,
    },
    draftKey.board(colony.id, method),
  );
  const { arrangement, queenFrameId, proposed } = board;
  const brought = useMemo(() => others.filter(({ id }) => board.brought.includes(id)), [others, board.brought]);
  const before = useMemo(() => withHives(asIs(hive), brought), [hive, brought]);
  const otherQueenFrames = useMemo(() => new Set(brought.flatMap((other) => other.queenFrameId ?? [])), [brought]);
  const colonyNames = useMemo(() => new Map(others.map(({ id, name }) => [id, name])), [others]);
  const unitName = (unit: string) => colonyNames.get(unit) ?? unitTitle(unit);
  const { selected, pickedUp, focused, select, onKey } = useBoardKeys(arrangement, change);
  const { context, findings, steps } = useReckonedBoard(board, {
    before,
    liveCellFrames,
    coldestNightC,
    hasDisease,
    warmNightC: props.warmNightC,
    onlySealedUpBelowC: props.onlySealedUpBelowC,
    emptyInNest: props.emptyInNest,
    coveredSeams,
    placesAssumed: props.areCounted,
    queenUnit: proposed.queenUnit,
    cellUnit: proposed.cellUnit,
    otherQueenFrames,
    colonyNames,
    sizes,
  });
  const { issues, isSaving, begins, takeList } = useTakeList(props.start, today, forget);
  const Layer = useLoaded(loadDragLayer)?.DragLayer ?? StillLayer;
  const onNewFrame = useCallback(
    (box: Box, what: NewFrame) => {
      const frame = NEW_FRAME[what](box.size);
      change({ type: 'new-frame', frame, boxId: box.id });
    },
    [change],
  );
  const onDrop = useCallback((boxId: string) => change({ type: 'drop-box', boxId }), [change]);

  const takeProposal = async () => {
    const { queenUnit, cellUnit, notes, ...proposal } = await propose({
      hive,
      context: { ...context, queenFrameId },
      sizes,
      usualSuper: usual.super,
      flow: props.flow,
      nectarKg: props.nectarKg,
      wouldLayPerDay: props.wouldLayPerDay,
      areCounted: props.areCounted,
    });
    const queenTo = proposal.queenFrameId === queenFrameId ? null : proposal.queenFrameId;
    select(null);
    change({
      type: 'take',
      state: {
        ...board,
        arrangement: withHives(proposal.arrangement, brought),
        shaken: proposal.shaken,
        proposed: { queenTo, queenUnit, cellUnit, notes },
      },
    });
  };

  const balance = {
    laysPerDay: props.wouldLayPerDay,
    manner: props.areCounted ? ('counts' as const) : ('frames' as const),
    flow: props.flow,
    coveredSeams,
    figures: { sizes, nectarKg: props.nectarKg },
  };
  const queenUnitOf = (where: Arrangement) =>
    context.queenFrameId === null ? null : (placeOf(where, context.queenFrameId)?.unit ?? null);
  const isOneOfSeveral = arrangement.units.length > 1;
  const onTake = () =>
    void takeList({
      colonyId: colony.id,
      method,
      units: arrangement.units.map(({ name, hive: boxes }) => ({ name, hive: boxes })),
      out: arrangement.out,
      queenFrameId: context.queenFrameId,
      steps: steps ?? [],
    });

  return (
    <>
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
        knownC={props.coldestNightC}
        fill={fill}
        undo={undo}
        redo={redo}
        onColdest={setColdest}
        onFill={setFill}
        onProposal={() => void takeProposal()}
      />
      {takenUpFrom !== null && <TakenUp from={takenUpFrom} onAnew={beginAnew} />}
      <IssueList issues={issues} />
      <div className="mt-3 grid gap-x-8 wide:grid-cols-[minmax(0,1fr)_21rem]">
        <div className="min-w-0">
          <Layer arrangement={arrangement} queenFrameId={queenFrameId} change={change} onDropped={select}>
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
                  findings={findings ?? NONE}
                  selected={selected}
                  pickedUp={pickedUp}
                  focused={focused}
                  sizes={sizes}
                  onSelect={select}
                  onKey={onKey}
                  onNewFrame={onNewFrame}
                  onDrop={onDrop}
                  onRestack={change}
                />
              ))}
            </div>
            <BringHive others={others.filter(({ id }) => !board.brought.includes(id))} change={change} />
            <BoardBalance
              before={before}
              after={arrangement}
              from={balance}
              queenUnits={[queenUnitOf(before), proposed.queenUnit ?? queenUnitOf(arrangement)]}
              unitName={unitName}
            />
            <OutTray frames={arrangement.out} selected={selected} onSelect={select} />
          </Layer>
          <CombLegend />
          <p className="text-muted mt-2 text-sm">
            Drag a frame, or choose it and press space: the arrows then move it, space puts it down. Delete takes it
            out.
          </p>
        </div>
        <div>
          {selected !== null && (
            <SelectedFrame
              key={selected}
              id={selected}
              board={board}
              context={context}
              sizes={sizes}
              unitName={unitName}
              change={change}
            />
          )}
          <FindingList
            findings={findings}
            placeWords={(at) => framePlaceWords(arrangement, unitName, at)}
            onSelect={select}
          />
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
          {props.sharesStores && (
            <Check
              name="Robbers or pests are many here"
              hint="The proposal then keeps honey out of the weaker half."
              value={manyPests}
              onChange={setPests}
            />
          )}
          <AtTheHive
            steps={steps}
            isStopped={findings?.some(({ severity }) => severity === 'stop') ?? false}
            isSaving={isSaving}
            onTake={onTake}
          >
            {begins && <WhatItBegins {...begins} />}
          </AtTheHive>
        </div>
      </div>
    </>
  );
}
