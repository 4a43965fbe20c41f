'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { Day } from '../../core/calendar/day';
import { expectedStages } from '../../core/cells/expected';
import { CELL_STAGES, type CellStage, isLive } from '../../core/cells/stage';
import type { CellFinding } from '../../core/colony/facts';
import { mayStillHoldQueen } from '../../core/colony/track-cells';
import type { Change, Draft, KnownAnswer } from '../../device/draft';
import type { KnownCell } from '../../device/entry-reading';
import { briefStage, findingWords } from '../../words/cells';
import { dayWords } from '../../words/days';
import { whereWords } from '../../words/where';
import { CellGlyph } from '../cells/CellGlyph';
import { StagePictures } from '../cells/StagePictures';
import { Button } from '../controls/Button';

interface Props {
  readonly cells: readonly KnownCell[];
  readonly draft: Draft;
  readonly on: Day;
  readonly change: (change: Change) => void;
}

/** The cells from last time: one tap says what each has become. What is not tapped was not looked at. */
export function KnownCells({ cells, draft, on, change }: Props) {
  const [isKeeping, setKeeping] = useState(false);
  if (cells.length === 0) return null;
  const open = cells.filter(({ cell }) => (draft.known[cell.id]?.found ?? null) === null).length;
  const alive = cells.filter(({ cell, last }) => {
    const found = draft.known[cell.id]?.found ?? null;
    if (found === null) return last !== null && mayStillHoldQueen(last, on);
    return found !== 'not-found' && isLive(found);
  });
  const keep = (cellId: string, found: CellStage) => {
    const observations = Object.fromEntries(
      alive.map(({ cell }) => [cell.id, draft.known[cell.id]?.observationId ?? newId()]),
    );
    change({ type: 'keep-only', cellId, found, observations });
    setKeeping(false);
  };
  return (
    <section className="mt-4" aria-label="Cells from last time">
      <h2 className="flex items-baseline justify-between text-lg">
        Cells from last time
        <span className="text-muted text-sm font-normal">
          {open === 0 ? 'all looked at' : `${open} still to check`}
        </span>
      </h2>
      <StagePictures />
      {alive.length > 1 && (
        <Button aria-expanded={isKeeping} kind="quiet" className="min-h-11" onClick={() => setKeeping(!isKeeping)}>
          {isKeeping ? 'Which one is kept, and what is it now?' : `keep one, break down the other ${alive.length - 1}`}
        </Button>
      )}
      <ul>
        {cells.map((known) => (
          <KnownRow
            key={known.cell.id}
            known={known}
            answer={draft.known[known.cell.id]}
            on={on}
            change={change}
            onKeep={isKeeping && alive.includes(known) ? (found) => keep(known.cell.id, found) : null}
          />
        ))}
      </ul>
    </section>
  );
}

/** What it may be by now, likeliest to be wanted first: a dry cup may still be dry or hold anything laid since. */
function likelyFindings({ last }: KnownCell, on: Day): readonly CellStage[] {
  if (!last) return [];
  if (last.lastStage !== 'cup-dry') return expectedStages(last.planBy.laid, last.lastStage, on).slice(0, 3);
  return ['cup-dry', ...expectedStages({ from: last.lastSeen, to: on }, 'cup-dry', on).slice(0, 2)];
}

function KnownRow({
  known,
  answer,
  on,
  change,
  onKeep,
}: {
  known: KnownCell;
  answer: KnownAnswer | undefined;
  on: Day;
  change: Props['change'];
  /** It may be the one that is kept; null: that is not asked. */
  onKeep: ((found: CellStage) => void) | null;
}) {
  const { cell, last } = known;
  const found = answer?.found ?? null;
  const isDown = answer?.takenDown === true || found === 'removed';
  const likely = likelyFindings(known, on);
  const set = (next: CellFinding | null, takenDown: boolean) =>
    change({ type: 'known', cellId: cell.id, observationId: answer?.observationId ?? newId(), found: next, takenDown });
  // Broken down without a stage is a finding of its own; with a stage it is what was done with it.
  const setStage = (stage: CellFinding) =>
    set(found === stage ? null : stage, found !== stage && isDown && stage !== 'not-found');
  const setDown = () => {
    if (isDown) set(found === 'removed' ? null : found, false);
    else set(found === null || found === 'not-found' ? 'removed' : found, found !== null && found !== 'not-found');
  };
  const others = [...CELL_STAGES.filter((stage) => stage !== 'removed'), 'not-found' as const].filter(
    (stage) => !likely.slice(0, TAPS).includes(stage as CellStage),
  );
  const otherFound =
    found !== null && found !== 'removed' && !likely.slice(0, TAPS).includes(found as CellStage) ? found : '';
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1.5" data-known={cell.label}>
      <CellGlyph found={found ?? last?.lastStage ?? 'sealed'} size={26} />
      <p className="min-w-36 flex-1 leading-tight">
        <b className="font-display text-lg">{cell.label}</b> {saysOf(found, isDown, likely[0])}
        <span className="text-muted block text-sm">
          {[last ? `${dayWords(last.lastSeen)}: ${findingWords(last.lastStage)}` : 'first seen now', whereWords(cell)]
            .filter(Boolean)
            .join(', ')}
        </span>
      </p>
      {onKeep ? (
        <fieldset className="flex gap-1.5" aria-label={`Keep cell ${cell.label}, which is`}>
          {likely.slice(0, TAPS).map((stage) => (
            <Chip key={stage} isOn={false} onPress={() => onKeep(stage)} name={`keep it: ${findingWords(stage)}`}>
              {`keep it: ${briefStage(stage)}`}
            </Chip>
          ))}
        </fieldset>
      ) : (
        <fieldset className="flex gap-1.5" aria-label={`Cell ${cell.label} is now`}>
          {likely.map((stage, i) => (
            <Chip
              key={stage}
              isOn={found === stage}
              onPress={() => setStage(stage)}
              name={findingWords(stage)}
              isOnlyWide={i >= TAPS}
            >
              {briefStage(stage)}
            </Chip>
          ))}
          <Chip isOn={isDown} onPress={setDown} name="broken down">
            down
          </Chip>
          <select
            aria-label={`Cell ${cell.label}, something else`}
            className="min-h-12 w-12 border-2 border-ink bg-paper px-1 text-center font-bold wide:w-auto"
            value={otherFound}
            onChange={(event) => event.target.value !== '' && setStage(event.target.value as CellFinding)}
          >
            <option value="">…</option>
            {others.map((stage) => (
              <option key={stage} value={stage}>
                {findingWords(stage)}
              </option>
            ))}
          </select>
        </fieldset>
      )}
    </li>
  );
}

/** What was seen; or, as a guess to be confirmed, what it must be by now. */
function saysOf(found: CellFinding | null, isDown: boolean, likely: CellStage | undefined): string {
  if (found === null) return likely ? `${findingWords(likely)} by now?` : '';
  if (found === 'removed') return 'broken down';
  return `${findingWords(found)}${isDown ? ', broken down' : ''}`;
}

/** Stages that have a tap of their own on a phone; the others stand in the list. */
const TAPS = 2;

interface ChipProps {
  readonly isOn: boolean;
  readonly onPress: () => void;
  /** What is read out; what is seen is a part of it. */
  readonly name: string;
  /** A phone has no room for it: it stands in the list there. */
  readonly isOnlyWide?: boolean;
  readonly children: string;
}

function Chip({ isOn, onPress, name, isOnlyWide = false, children }: ChipProps) {
  return (
    <button
      type="button"
      aria-pressed={isOn}
      aria-label={name}
      onClick={onPress}
      className={`min-h-12 border-2 border-ink px-2 font-bold ${isOnlyWide ? 'max-wide:hidden' : ''} ${isOn ? 'bg-ink text-white' : 'bg-paper hover:bg-tint'}`}
    >
      {children}
    </button>
  );
}
