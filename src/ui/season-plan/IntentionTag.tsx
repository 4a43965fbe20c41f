'use client';

import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import { type Day, formatDay } from '../../core/calendar/day';
import type { SeasonPlanFact } from '../../core/facts/season-plan';
import type { IntentionView } from '../../views/season-plan-view';
import { weekdayWords } from '../../words/days';
import { AskFirst } from '../controls/AskFirst';
import { useSend } from '../controls/useSend';
import { useBook } from '../frame/BookContext';
import { spanStyle } from '../season/place';
import { useDayDrag } from '../season/useDayDrag';
import { withMoved } from './plan-changes';

// What is asked of a mark comes when it is tapped.
const IntentionMenu = dynamic(() => import('./IntentionMenu').then((module) => module.IntentionMenu), { ssr: false });

interface Props {
  readonly intention: IntentionView;
  readonly plan: SeasonPlanFact;
  readonly colonyName: string;
  readonly origin: Day;
  readonly top: number;
  readonly daysOf: (px: number) => number;
}

const GONE = new Set(['dropped', 'lapsed']);
/** What has no day that it could be put on any more. */
const SETTLED = new Set(['dropped', 'lapsed', 'begun']);

/**
 * Something that is meant: pale, and dragged like a check, or with Shift and the arrows. It is no check: nothing follows from it until it is
 * begun. A tap says how it stands with it, begins it, drops it or means it again.
 */
export function IntentionTag({ intention, plan, colonyName, origin, top, daysOf }: Props) {
  const { key, label, window, on, status, words, outside } = intention;
  // Begun on a day of its own, what waited for cells is as any other.
  const isIfCells = intention.isIfCells && status !== 'begun';
  const book = useBook();
  const { issues, sendTo } = useSend();
  const tag = useRef<HTMLButtonElement>(null);
  const [isOpen, setOpen] = useState(false);
  const [asks, setAsks] = useState<Day | null>(null);
  const [put, setPut] = useState<Day | null>(null);
  const today = formatDay(book?.today ?? on);
  const send = async (next: SeasonPlanFact) => sendTo('/api/season-plans', { plans: [next], gone: [] });
  const place = async (to: Day) => {
    if (await send(withMoved(plan, key, formatDay(to)))) setPut(to);
    letGo();
  };
  const isFixed = isIfCells || book?.isReader === true || SETTLED.has(status);
  const take = (to: Day) => {
    if (isFixed || to === on) return letGo();
    if (to < window.earliest || to > window.latest) return setAsks(to);
    void place(to);
  };
  const { taken, at, letGo, handlers } = useDayDrag({
    planned: put ?? on,
    daysOf,
    onPut: take,
    onOpen: () => setOpen(true),
  });
  const name = `${colonyName}, ${label}, ${status === 'begun' ? 'done on' : 'meant for'} ${weekdayWords(at)}${GONE.has(status) ? ': dropped' : ''}`;
  return (
    <>
      {!SETTLED.has(status) && (
        <span
          className="season-meant-span"
          style={{ ...spanStyle(origin, window.earliest, window.latest), top }}
          aria-hidden="true"
        />
      )}
      <button
        ref={tag}
        type="button"
        className="season-meant"
        data-status={status}
        data-cells={isIfCells}
        data-meant={key}
        style={{ ...spanStyle(origin, at, at), top: top + 4 }}
        title={words}
        aria-label={name}
        aria-haspopup="dialog"
        aria-expanded={isOpen}
        {...handlers}
      >
        {label}
      </button>
      {isOpen && (
        <IntentionMenu
          anchor={tag}
          colonyName={colonyName}
          intention={intention}
          plan={plan}
          isFixed={isFixed}
          today={today}
          onClose={() => setOpen(false)}
        />
      )}
      <span role="status" className="sr-only">
        {taken !== null ? `${weekdayWords(taken)}: Enter puts it there, Escape leaves it.` : ''}
        {taken === null && put !== null && put === on ? `Put on ${weekdayWords(put)}.` : ''}
        {issues.map(({ message }) => message).join(' ')}
      </span>
      {asks !== null && (
        <AskFirst
          isOpen
          onClose={() => {
            setAsks(null);
            letGo();
          }}
          title={`${label} on ${weekdayWords(asks)}?`}
          body={outside}
          yes="Move it anyway"
          onYes={() => void place(asks)}
        />
      )}
    </>
  );
}
