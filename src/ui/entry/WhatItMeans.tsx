'use client';

import dynamic from 'next/dynamic';
import { Button } from '../controls/Button';
import { useIsWide } from '../controls/useIsWide';
import type { Axis } from '../time/axis';
import type { EntryUnderWay } from './useInspectionEntry';
import { Verdict } from './Verdict';

const LiveCells = dynamic(() => import('./LiveCells').then((module) => module.LiveCells), { ssr: false });
const CorrectionMoves = dynamic(() => import('./CorrectionMoves').then((module) => module.CorrectionMoves), {
  ssr: false,
});

interface Props {
  readonly entry: EntryUnderWay;
  readonly axis: Axis;
}

/** The reading as it builds up, with undo and save: beside the questions at a desk, below them on a phone. */
export function WhatItMeans({ entry: { reading, undo, isSaving, isCorrection }, axis }: Props) {
  const isWide = useIsWide();
  const { verdict } = reading;
  const acts = (
    <div className="mt-2 grid grid-cols-[auto_1fr] gap-2">
      <Button kind="plain" className="min-h-12" disabled={!undo} onClick={() => undo?.()}>
        Undo
      </Button>
      <Button type="submit" kind="strong" className="min-h-12" disabled={isSaving}>
        {isSaving ? 'Saving …' : isCorrection ? 'Save the correction' : 'Save the inspection'}
      </Button>
    </div>
  );

  return (
    <aside aria-label="What it means">
      <div className="sticky top-28 mt-4 hidden wide:block">
        <div className="border-l-4 border-willow pl-6">
          <Verdict verdict={verdict} short={false} />
        </div>
        {isWide && <LiveCells cells={reading.cells} axis={axis} />}
        <div className="pl-7">
          {reading.moves.length > 0 && <CorrectionMoves moves={reading.moves} />}
          {acts}
        </div>
      </div>
      <div className="fixed inset-x-0 bottom-0 z-20 border-t-4 border-willow bg-ground px-4 pt-2 pb-3 wide:hidden">
        <Verdict verdict={verdict} short />
        {acts}
      </div>
    </aside>
  );
}
