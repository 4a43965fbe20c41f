'use client';

import { ChevronLeft } from 'lucide-react';
import { useMemo, useState } from 'react';
import { CASE_SETTINGS } from '../../../core/cases/book';
import type { CaseMove } from '../../../core/cases/case';
import type { CellSeen, Sight } from '../../../core/cases/sight';
import { linkedTo } from '../../../core/cases/written';
import type { Thoroughness } from '../../../core/cells/thoroughness';
import type { CaseKept, CaseLookView } from '../../../device/case-at-hand';
import { dropDraft } from '../../../device/stored-draft';
import { cellInHive, LOOK_WORDS, sightWords } from '../../../words/cases';
import { placeOnFrame } from '../../../words/practice';
import { Button } from '../../controls/Button';
import { DrawnCell } from '../../drawn/DrawnCell';
import { DrawnFrame } from '../../drawn/DrawnFrame';
import { InspectionForm } from '../../entry/InspectionForm';
import { useDevice } from '../../offline/DeviceProvider';
import { useReckoned } from '../../reckon/useReckoned';
import { InWords } from '../InWords';
import { caseReckoner } from './case-reckoner';

interface Props {
  readonly kept: CaseKept;
  readonly colonyId: string;
  readonly colonyName: string;
  readonly searched: Thoroughness;
  readonly onBack: () => void;
  readonly onDone: (move: CaseMove) => void;
}

/** How many bees are left on a frame, of those that were there. */
const BEES: { readonly [T in Thoroughness]: number } = { 'tip-up': 1, 'bees-on': 0.75, cleared: 0.06 };

/** An open hive: its frames as they are seen, and the entry in which they are written down. */
export function CaseLook({ kept, colonyId, colonyName, searched, onBack, onDone }: Props) {
  const { of, today } = kept;
  const ask = useMemo(() => () => caseReckoner().lookInto(kept, colonyId, searched), [kept, colonyId, searched]);
  const look = useReckoned<CaseLookView | null>(ask, null);
  const [writes, setWrites] = useState<'self' | 'as-seen' | null>(null);
  const { store } = useDevice();
  if (look === null) return <p className="mt-4">…</p>;
  const { sight, facts, minute, empty, first, asSeen, firstAsSeen } = look;
  const keptAs = `case ${of.name ?? ''} ${of.seed} ${asSeen.id} ${writes}`;
  return (
    <>
      <p className="mt-2">
        <Button kind="quiet" className="min-h-11" onClick={onBack}>
          <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
          Shut it again, nothing written
        </Button>
      </p>
      <section aria-label={`What ${colonyName} shows`} className="mt-1">
        {writes === null && <h1 className="text-2xl">{`${colonyName}, open`}</h1>}
        <p className="font-semibold">{LOOK_WORDS[searched]}.</p>
        <Frames sight={sight} seed={of.seed} />
        <p className="mt-2 max-w-prose">{sightWords(sight).join(' ')}</p>
      </section>
      {writes === null ? (
        <p className="mt-3 flex flex-wrap gap-2">
          <Button kind="act" onClick={() => setWrites('self')}>
            Write it down yourself
          </Button>
          <Button kind="plain" onClick={() => setWrites('as-seen')}>
            Have it written down
          </Button>
        </p>
      ) : (
        <InspectionForm
          key={writes}
          colonyName={colonyName}
          placeName=""
          facts={facts}
          settings={CASE_SETTINGS}
          now={minute}
          begin={writes === 'self' ? empty : asSeen}
          first={writes === 'self' ? first : firstAsSeen}
          keptAs={keptAs}
          over={null}
          needy={[]}
          aside={async (_, entry) => {
            if (store) await dropDraft(store, keptAs).catch(() => {});
            const { id, colonyId: hive } = entry;
            onDone({
              kind: 'look',
              id,
              on: today,
              at: entry.at,
              colonyId: hive,
              searched,
              entry: linkedTo(entry, sight),
            });
            return { state: 'sent', issues: [] };
          }}
          onSaved={() => {}}
        />
      )}
    </>
  );
}

const frameOf = ({ part, box, frame }: CellSeen): string => `${part ?? ''} ${box} ${frame}`;

/** The frames with cells on them, each drawn, and all of them in words. */
function Frames({ sight: { cells, searched }, seed }: { readonly sight: Sight; readonly seed: number }) {
  if (cells.length === 0)
    return (
      <p className="mt-2 font-semibold">{searched === 'tip-up' ? 'From below: no cell.' : 'No cell on any frame.'}</p>
    );
  const frames = [...new Set(cells.map(frameOf))].sort();
  return (
    <>
      <ul className="mt-2 grid gap-3 wide:grid-cols-2">
        {frames.map((frame) => {
          const on = cells.filter((cell) => frameOf(cell) === frame);
          const [one] = on;
          return (
            <li key={frame}>
              <h2 className="text-base">{`Frame ${one?.frame ?? ''}${one?.part === 'above' ? ', above the excluder' : ''}`}</h2>
              <DrawnFrame
                seed={seed + (one?.frame ?? 0)}
                things={on.map(({ id, look, place, x, y }) => ({
                  id,
                  look,
                  place,
                  x,
                  y,
                  seenBy: 'tip-up',
                  isTender: false,
                }))}
                bees={BEES[searched]}
                chosen={new Set()}
                onToggle={() => {}}
                missed={[]}
                isDone
              />
              <ol aria-label={`Cells of frame ${one?.frame ?? ''}, closer`} className="mt-1 flex flex-wrap gap-x-3">
                {[...on]
                  .sort((a, b) => a.x - b.x)
                  .map(({ id, look, place, x }) => (
                    <li key={id} className="w-24 text-center text-xs leading-tight">
                      <DrawnCell look={look} isCropped className="w-full" />
                      {placeOnFrame(place, x)}
                    </li>
                  ))}
              </ol>
            </li>
          );
        })}
      </ul>
      <p className="mt-2 text-sm">
        {searched === 'tip-up' ? 'That is all that hangs down into sight.' : 'On the other frames none.'}
      </p>
      <InWords lines={cells.map(cellInHive)} />
    </>
  );
}
