'use client';

import { v7 as newId } from 'uuid';
import type { Day } from '../../core/calendar/day';
import { expectedStages } from '../../core/cells/expected';
import { CELL_STAGES, type CellStage } from '../../core/cells/stage';
import type { CellFinding } from '../../core/colony/facts';
import type { Change, Draft, KnownAnswer } from '../../device/draft';
import type { KnownCell } from '../../device/entry-reading';
import { findingWords } from '../../words/cells';
import { dayWords } from '../../words/days';
import { whereWords } from '../../words/where';
import { CellGlyph } from '../cells/CellGlyph';

interface Props {
  readonly cells: readonly KnownCell[];
  readonly draft: Draft;
  readonly on: Day;
  readonly change: (change: Change) => void;
}

/** The cells from last time: one tap says what each has become. What is not tapped was not looked at. */
export function KnownCells({ cells, draft, on, change }: Props) {
  if (cells.length === 0) return null;
  const open = cells.filter(({ cell }) => (draft.known[cell.id]?.found ?? null) === null).length;
  return (
    <section className="mt-5" aria-label="Cells from last time">
      <h2 className="flex items-baseline justify-between text-lg">
        Cells from last time
        <span className="text-muted text-sm font-normal">
          {open === 0 ? 'all looked at' : `${open} still to check`}
        </span>
      </h2>
      <ul>
        {cells.map((known) => (
          <KnownRow key={known.cell.id} known={known} answer={draft.known[known.cell.id]} on={on} change={change} />
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
}: {
  known: KnownCell;
  answer: KnownAnswer | undefined;
  on: Day;
  change: Props['change'];
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
    (stage) => !likely.includes(stage as CellStage),
  );
  const otherFound = found !== null && found !== 'removed' && !likely.includes(found as CellStage) ? found : '';
  return (
    <li className="border-b border-line py-2" data-known={cell.label}>
      <div className="flex items-center gap-3">
        <CellGlyph found={found ?? last?.lastStage ?? 'sealed'} size={30} />
        <p className="min-w-0 flex-1 leading-tight">
          <b className="font-display text-lg">{cell.label}</b>{' '}
          {last ? `on ${dayWords(last.lastSeen)}: ${findingWords(last.lastStage)}` : 'first seen at this inspection'}
          <span className="text-muted block text-sm">{whereWords(cell)}</span>
        </p>
        {found !== null && (
          <p className="text-right text-sm font-bold">
            {found === 'removed' ? 'broken down' : findingWords(found)}
            {isDown && found !== 'removed' ? ', broken down' : ''}
          </p>
        )}
      </div>
      <fieldset className="mt-1.5 flex flex-wrap gap-2" aria-label={`Cell ${cell.label} is now`}>
        {likely.map((stage) => (
          <Chip key={stage} isOn={found === stage} onPress={() => setStage(stage)}>
            {findingWords(stage)}
          </Chip>
        ))}
        <Chip isOn={isDown} onPress={setDown}>
          broken down
        </Chip>
        <select
          aria-label={`Cell ${cell.label}, something else`}
          className="min-h-12 w-13 border-2 border-ink bg-paper px-1.5 text-center font-bold wide:w-auto"
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
    </li>
  );
}

function Chip({ isOn, onPress, children }: { isOn: boolean; onPress: () => void; children: string }) {
  return (
    <button
      type="button"
      aria-pressed={isOn}
      onClick={onPress}
      className={`min-h-12 border-2 border-ink px-2.5 font-bold ${isOn ? 'bg-ink text-white' : 'bg-paper hover:bg-tint'}`}
    >
      {children}
    </button>
  );
}
