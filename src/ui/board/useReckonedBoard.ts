'use client';

import { useMemo } from 'react';
import type { Arrangement } from '../../core/space/arrangement';
import type { ArrangementContext, Finding } from '../../core/space/arrangement-rules';
import type { FrameSize } from '../../core/space/frame-size';
import type { WorkStep } from '../../core/space/work-list/work-list';
import type { BoardState } from '../../views/board-state';
import { useLoaded } from '../loading/useLoaded';

const loadReckoning = () => import('./board-reckoning');

export interface BoardKnown {
  readonly before: Arrangement;
  readonly liveCellFrames: readonly string[];
  readonly coldestNightC: number | null;
  readonly hasDisease: boolean;
  readonly warmNightC: number;
  readonly onlySealedUpBelowC: number;
  readonly emptyInNest: boolean;
  readonly coveredSeams: number | null;
  readonly placesAssumed: boolean;
  readonly queenUnit: string | null;
  readonly cellUnit: string | null;
  readonly otherQueenFrames: ReadonlySet<string>;
  /** Names of the other hives, whose units go by their ids. */
  readonly colonyNames: ReadonlyMap<string, string>;
  readonly sizes: readonly FrameSize[];
}

/** What the rules have against the board as it is, and what to do at the hive to come to it; null: a moment, the rules are on their way. */
export function useReckonedBoard(board: BoardState, known: BoardKnown) {
  const { arrangement, shaken, queenFrameId, keptCellFrames } = board;
  const { before, liveCellFrames, coldestNightC, hasDisease, warmNightC, onlySealedUpBelowC, sizes } = known;
  const { queenUnit, cellUnit, otherQueenFrames, coveredSeams, colonyNames, placesAssumed, emptyInNest } = known;
  const herFrame = board.proposed.queenTo ?? queenFrameId;
  const context: ArrangementContext = useMemo(
    () => ({
      queenFrameId: herFrame,
      otherQueenFrames,
      queenUnit,
      keptCellFrames: new Set(keptCellFrames),
      cellUnit,
      cellFrames: new Set(liveCellFrames.filter((id) => !keptCellFrames.includes(id))),
      shaken: new Set(shaken),
      coldestNightC,
      warmNightC,
      onlySealedUpBelowC,
      emptyInNest,
      hasDisease,
      before,
    }),
    [
      herFrame,
      otherQueenFrames,
      queenUnit,
      keptCellFrames,
      cellUnit,
      liveCellFrames,
      shaken,
      coldestNightC,
      warmNightC,
      onlySealedUpBelowC,
      emptyInNest,
      hasDisease,
      before,
    ],
  );
  const reckoning = useLoaded(loadReckoning);
  const findings: readonly Finding[] | null = useMemo(
    () => reckoning?.checkArrangement(arrangement, context, sizes) ?? null,
    [reckoning, arrangement, context, sizes],
  );
  const steps: readonly WorkStep[] | null = useMemo(
    () =>
      reckoning?.workList(before, arrangement, {
        queenWasOn: queenFrameId,
        queenFrameId: context.queenFrameId,
        placesAssumed,
        keptCellFrames: context.keptCellFrames,
        shaken: context.shaken,
        coveredSeams,
        colonyNames,
        sizes,
      }) ?? null,
    [reckoning, before, arrangement, context, queenFrameId, placesAssumed, coveredSeams, colonyNames, sizes],
  );
  return { context, findings, steps };
}
