'use client';

import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { addDays, type Day, formatDay, yearOf } from '../../core/calendar/day';
import { dayWords, weekdayWords } from '../../words/days';

const COOKIE = 'ubbet-demo-day';

/** The demo's day, stepped forward and back. Everything derived follows, since none of it is stored. */
export function DemoClock({ day }: { day: Day }) {
  const router = useRouter();
  const step = (count: number) => {
    // biome-ignore lint/suspicious/noDocumentCookie: the cookie store has no synchronous way that every browser knows
    document.cookie = `${COOKIE}=${formatDay(addDays(day, count))}; path=/; max-age=31536000; samesite=lax`;
    router.refresh();
  };
  const button = 'border border-line bg-paper px-1.5 py-1 font-bold wide:px-2.5 hover:border-ink';
  return (
    <div className="flex items-center gap-1 wide:gap-2">
      <span className="text-muted hidden 2xl:inline">Demo day</span>
      <button type="button" className={button} aria-label="One day back" onClick={() => step(-1)}>
        <ChevronLeft aria-hidden="true" className="inline size-5" strokeWidth={3} />
      </button>
      <b title={formatDay(day)} data-testid="demo-day" aria-live="polite" className="whitespace-nowrap">
        <span className="hidden wide:inline">{weekdayWords(day).slice(0, 4)}</span>
        {dayWords(day)}
        <span className="hidden wide:inline">{` ${yearOf(day)}`}</span>
      </b>
      <button type="button" className={button} aria-label="One day on" onClick={() => step(1)}>
        <ChevronRight aria-hidden="true" className="inline size-5" strokeWidth={3} />
      </button>
    </div>
  );
}
