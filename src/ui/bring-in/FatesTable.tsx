'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState } from 'react';
import { dayOfMinute, yearOf } from '../../core/calendar/day';
import { FATES, type FateKind } from '../../core/spreadsheets/bring-in/plan';
import { dayWords } from '../../words/days';
import { FATE_WORDS } from '../../words/sheet-fields';
import type { SheetPlan } from '../../workers/sheet-reckoner';
import { ShortChoice } from './ShortChoice';

/** Height of a row before it is measured, px. */
const ROW_PX = 33;
const AHEAD = 12;
const HEADS = ['Row', 'Fate', 'Hive', 'Day', 'Why'];

const TONES: { readonly [F in FateKind]: string } = {
  new: 'font-bold',
  known: 'text-muted',
  conflict: 'font-bold text-indigo',
  refused: 'font-bold text-propolis',
};

/** `3 May 2027`, with the time where the sheet has one. */
const dayAndTime = (at: string): string => {
  const on = dayOfMinute(at);
  return [`${dayWords(on)} ${yearOf(on)}`, ...(at.length > 10 ? [at.slice(11)] : [])].join(', ');
};

/** Every row with what becomes of it; of many only those in sight are drawn. */
export function FatesTable({ plan: { fates, counts } }: { readonly plan: SheetPlan }) {
  const [shown, setShown] = useState<FateKind | 'all'>('all');
  const rows = useMemo(() => (shown === 'all' ? fates : fates.filter(({ fate }) => fate === shown)), [fates, shown]);
  const box = useRef<HTMLElement>(null);
  const list = useVirtualizer({
    count: rows.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW_PX,
    overscan: AHEAD,
    getItemKey: (i) => rows[i]?.row ?? i,
  });
  const items = list.getVirtualItems();
  const above = items[0]?.start ?? 0;
  const below = list.getTotalSize() - (items.at(-1)?.end ?? 0);
  return (
    <>
      <div className="mt-2">
        <ShortChoice
          legend="Show"
          isOpen={false}
          options={[
            { value: 'all' as const, name: `all ${fates.length}` },
            ...FATES.filter((fate) => counts[fate] > 0).map((value) => ({
              value,
              name: `${counts[value]} ${FATE_WORDS[value]}`,
            })),
          ]}
          value={shown}
          onChange={setShown}
        />
      </div>
      <section
        ref={box}
        aria-label="Rows of the spreadsheet"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it is scrolled, by keys too
        tabIndex={0}
        className="mt-2 max-h-[26rem] overflow-auto border-2 border-ink bg-paper"
      >
        <table className="w-full min-w-[44rem] border-collapse text-left text-sm" aria-rowcount={rows.length + 1}>
          <caption className="sr-only">What becomes of each row</caption>
          <thead className="sticky top-0 bg-paper">
            <tr aria-rowindex={1} className="shadow-[inset_0_-2px_0_var(--color-ink)]">
              {HEADS.map((head) => (
                <th key={head} scope="col" className="px-2 py-1.5">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {above > 0 && (
              <tr>
                <td colSpan={HEADS.length} style={{ height: above }} />
              </tr>
            )}
            {items.map(({ index, key }) => {
              const row = rows[index];
              if (!row) return null;
              return (
                <tr
                  key={key}
                  ref={list.measureElement}
                  data-index={index}
                  aria-rowindex={index + 2}
                  className="border-b border-line align-top"
                >
                  <th scope="row" className="px-2 py-1.5 font-semibold">
                    {row.row}
                  </th>
                  <td className={`px-2 py-1.5 whitespace-nowrap ${TONES[row.fate]}`}>{FATE_WORDS[row.fate]}</td>
                  <td className="min-w-28 px-2 py-1.5 wrap-anywhere">{row.colony}</td>
                  <td className="px-2 py-1.5 whitespace-nowrap">{row.at === null ? '' : dayAndTime(row.at)}</td>
                  <td className="px-2 py-1.5 wrap-anywhere">{row.why}</td>
                </tr>
              );
            })}
            {below > 0 && (
              <tr>
                <td colSpan={HEADS.length} style={{ height: below }} />
              </tr>
            )}
          </tbody>
        </table>
      </section>
    </>
  );
}
