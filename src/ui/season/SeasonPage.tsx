'use client';

import { ChevronLeft, ChevronRight, Minus, Plus } from 'lucide-react';
import './season.css';
import { useMemo, useRef, useState } from 'react';
import type { Day } from '../../core/calendar/day';
import type { SeasonView } from '../../views/season-view';
import { BUTTON } from '../controls/styles';
import { Views } from '../frame/Views';
import { TitleHead } from '../time/TitleHead';
import { FlowLane } from './FlowLane';
import { SeasonGround } from './SeasonGround';
import { SeasonHead } from './SeasonHead';
import { SeasonRowLane } from './SeasonRowLane';
import { SeasonTable } from './SeasonTable';
import { useScale } from './useScale';
import { useSheetGestures } from './useSheetGestures';

const WEEK = 7;

/** How does it all run together? Rows are colonies, x is time; to be moved by drag, wheel, keys and buttons. */
export function SeasonPage({ view, today, minute }: { view: SeasonView; today: Day; minute: string }) {
  const [isTable, setTable] = useState(false);
  const count = view.groups.reduce((sum, { rows }) => sum + rows.length, 0);
  return (
    <>
      <TitleHead
        title={`The season of ${count === 1 ? 'one colony' : `${count} colonies`}`}
        below={
          <button type="button" className={BUTTON.quiet} aria-pressed={isTable} onClick={() => setTable(!isTable)}>
            {isTable ? 'As a picture' : 'As a table'}
          </button>
        }
      />
      <Views of="season" />
      {isTable ? <SeasonTable view={view} /> : <Sheet view={view} today={today} minute={minute} />}
    </>
  );
}

/** Whether the key moved anything. */
function moveByKey(key: string, scale: ReturnType<typeof useScale>): boolean {
  switch (key) {
    case 'ArrowLeft':
      scale.pan(-WEEK);
      return true;
    case 'ArrowRight':
      scale.pan(WEEK);
      return true;
    case '+':
      scale.zoom(1);
      return true;
    case '-':
      scale.zoom(-1);
      return true;
    case '0':
      scale.toToday();
      return true;
    default:
      return false;
  }
}

function Sheet({ view, today, minute }: { view: SeasonView; today: Day; minute: string }) {
  const sheet = useRef<HTMLElement>(null);
  const strip = useRef<HTMLDivElement>(null);
  const { first, last } = view;
  const scale = useScale(
    sheet,
    strip,
    useMemo(() => ({ first, last, today }), [first, last, today]),
  );
  useSheetGestures(sheet, strip, scale);

  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.shiftKey || event.altKey || event.metaKey || event.ctrlKey) return;
    if (!moveByKey(event.key, scale)) return;
    event.preventDefault();
  };
  const control = 'min-h-11 min-w-11 border-2 border-ink bg-paper px-3 font-bold hover:bg-tint';
  return (
    <>
      <div role="toolbar" aria-label="Move through the season" className="mt-2 flex flex-wrap items-center gap-2">
        <button type="button" className={control} aria-label="A week back" onClick={() => scale.pan(-WEEK)}>
          <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
        </button>
        <button type="button" className={control} onClick={() => scale.toToday()}>
          Today
        </button>
        <button type="button" className={control} aria-label="A week on" onClick={() => scale.pan(WEEK)}>
          <ChevronRight aria-hidden="true" className="inline size-5" strokeWidth={3} />
        </button>
        <button type="button" className={control} aria-label="Zoom out" onClick={() => scale.zoom(-1)}>
          <Minus aria-hidden="true" className="inline size-5" strokeWidth={3} />
        </button>
        <button type="button" className={control} aria-label="Zoom in" onClick={() => scale.zoom(1)}>
          <Plus aria-hidden="true" className="inline size-5" strokeWidth={3} />
        </button>
        <span className="text-muted text-sm">
          Drag, arrow keys, + and −. A planned check is dragged, or moved with Shift and the arrows, then Enter.
        </span>
      </div>
      <section
        ref={sheet}
        aria-label="The season"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls by keys
        tabIndex={0}
        className="season mt-2"
        style={{ '--origin': first } as React.CSSProperties}
        onKeyDown={onKeyDown}
      >
        <SeasonHead view={view} today={today} strip={strip} />
        <SeasonGround view={view} today={today} />
        {view.groups.map(({ apiary, flows, rows }) => (
          <section key={apiary} aria-label={apiary}>
            <h2 className="relative bg-ink px-2.5 py-0.5 text-sm text-white">{apiary}</h2>
            {flows.length > 0 && <FlowLane flows={flows} origin={first} />}
            {rows.map((row) => (
              <SeasonRowLane key={row.colonyId} row={row} origin={first} minute={minute} daysOf={scale.daysOf} />
            ))}
          </section>
        ))}
      </section>
    </>
  );
}
