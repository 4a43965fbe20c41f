'use client';

import { ChevronLeft, ChevronRight } from 'lucide-react';
import { DayPicker } from 'react-day-picker';
import { enGB } from 'react-day-picker/locale';
import { type Day, formatDay, parseDay } from '../../core/calendar/day';
import type { DayBounds } from '../../words/read-day';

/** Noon of a day where the browser is: what the picker goes by. */
function dateOf(day: Day): Date {
  const [year, month, date] = formatDay(day).split('-').map(Number) as [number, number, number];
  return new Date(year, month - 1, date, 12);
}

const dayOf = (date: Date): Day | null =>
  parseDay(
    [date.getFullYear(), date.getMonth() + 1, date.getDate()].map((part) => String(part).padStart(2, '0')).join('-'),
  );

interface Props {
  readonly day: Day | null;
  readonly today: Day;
  /** The first of the days that are meant, where `day` is the last. */
  readonly since: Day | null;
  readonly bounds: DayBounds;
  readonly onPick: (day: Day) => void;
}

const CELL = 'size-10 text-center';

function Chevron({ orientation }: { orientation?: 'up' | 'down' | 'left' | 'right' }) {
  return orientation === 'left' ? <ChevronLeft aria-hidden="true" /> : <ChevronRight aria-hidden="true" />;
}

/** A month to pick a day from. Days that cannot be meant cannot be picked. */
export function DayCalendar({ day, today, since, bounds: { earliest, latest }, onPick }: Props) {
  const shown = day ?? (latest !== undefined && latest < today ? latest : today);
  return (
    <DayPicker
      mode="single"
      autoFocus
      locale={enGB}
      weekStartsOn={1}
      showOutsideDays={false}
      today={dateOf(today)}
      selected={day === null ? undefined : dateOf(day)}
      defaultMonth={dateOf(shown)}
      disabled={[
        ...(earliest === undefined ? [] : [{ before: dateOf(earliest) }]),
        ...(latest === undefined ? [] : [{ after: dateOf(latest) }]),
      ]}
      modifiers={
        since !== null && day !== null && since < day ? { span: { from: dateOf(since), to: dateOf(day) } } : {}
      }
      modifiersClassNames={{ span: 'bg-tint' }}
      onDayClick={(date) => {
        const picked = dayOf(date);
        if (picked !== null && picked >= (earliest ?? picked) && picked <= (latest ?? picked)) onPick(picked);
      }}
      components={{ Chevron }}
      classNames={{
        months: 'relative',
        month_caption: 'flex h-11 items-center px-2 font-display text-lg font-bold',
        nav: 'absolute top-0 right-0 flex',
        button_previous: 'grid size-11 place-items-center hover:bg-tint disabled:text-line',
        button_next: 'grid size-11 place-items-center hover:bg-tint disabled:text-line',
        weekday: 'text-muted size-10 text-sm font-normal',
        day: CELL,
        day_button: 'size-10 hover:bg-tint disabled:text-line',
        today: 'font-bold underline',
        selected: 'bg-ink text-paper [&_button:hover]:bg-indigo',
        disabled: 'text-line',
      }}
    />
  );
}
