'use client';

import Link from 'next/link';
import type { NeedyColony } from '../../views/cells-view';
import type { CellChoice } from '../../views/start-view';
import { CellGlyph } from '../cells/CellGlyph';
import { NeedyNote } from './NeedyNote';
import type { CellFate, StartDraft } from './start-draft';

interface Props {
  readonly cells: readonly CellChoice[];
  readonly needy: readonly NeedyColony[];
  readonly mayKeep: boolean;
  /** One goes into a nuc and the others stay; else those not kept are destroyed. */
  readonly isForNuc: boolean;
  /** Where a nuc is made with one of them. */
  readonly nucPath: string;
  readonly fates: StartDraft['fates'];
  readonly onChange: (cellId: string, fate: CellFate) => void;
}

const GIVE = 'give:';

const fateValue = (fate: CellFate | undefined) => (typeof fate === 'object' ? GIVE + fate.to : (fate ?? 'down'));
const fateOf = (value: string): CellFate =>
  value.startsWith(GIVE) ? { to: value.slice(GIVE.length) } : value === 'keep' ? 'keep' : 'down';

/** Every live cell, and what becomes of it: before one is destroyed, the colonies that need one are named. */
export function CellFates({ cells, needy, mayKeep, isForNuc, nucPath, fates, onChange }: Props) {
  const down = isForNuc ? [] : cells.filter(({ id }) => fateValue(fates[id]) === 'down');
  return (
    <section aria-label="Its cells" className="mt-5">
      <h2 className="text-lg">Its cells</h2>
      <ul>
        {cells.map(({ id, label, stage, words, out }) => (
          <li key={id} className="flex flex-wrap items-center gap-3 border-b border-line py-1.5" data-cell={label}>
            <CellGlyph found={stage} size={28} />
            <p className="min-w-40 flex-1 text-sm leading-tight">
              <b className="font-display text-base">{label}</b> {words}
              <span className="text-muted block">{out ? `virgin out ${out}` : 'not dated'}</span>
            </p>
            <select
              aria-label={`Cell ${label}`}
              className="min-h-12 border-2 border-ink bg-paper px-2 font-bold"
              value={fateValue(fates[id])}
              onChange={(event) => onChange(id, fateOf(event.target.value))}
            >
              {mayKeep && <option value="keep">{isForNuc ? 'into the nuc' : 'keep'}</option>}
              <option value="down">{isForNuc ? 'stays' : 'break down'}</option>
              {needy.map((colony) => (
                <option key={colony.id} value={GIVE + colony.id}>
                  {`give to ${colony.name}`}
                </option>
              ))}
            </select>
          </li>
        ))}
      </ul>
      {needy.length > 0 && down.length > 0 && <NeedyNote needy={needy} />}
      {down.length > 0 && (
        <p className="mt-2 text-sm">
          A good cell to spare?{' '}
          <Link prefetch={false} href={nucPath}>
            Make a nuc with it first
          </Link>
        </p>
      )}
    </section>
  );
}
