'use client';

import Link from 'next/link';
import { v7 as newId } from 'uuid';
import { day, dayOfWeek } from '../../core/calendar/day';
import type { RoundWish } from '../../core/facts/round';
import type { FreeTime } from '../../core/settings/free-time';
import type { WeekRound } from '../../views/week-view';
import { weekdayName } from '../../words/days';
import { AskFirst } from '../controls/AskFirst';
import { useSend } from '../controls/useSend';
import { useBook } from '../frame/BookContext';

const QUIET = 'min-h-8 underline hover:no-underline disabled:opacity-60';

interface Props {
  readonly round: Pick<WeekRound, 'on' | 'apiaryId' | 'isToday' | 'title'>;
  readonly wishes: readonly RoundWish[];
  readonly freeWeek: FreeTime['freeWeek'];
}

/** What can be done about a planned round: keep it where it is, rule its day out, or all days of that name. */
export function RoundActions({ round: { on, apiaryId, isToday, title }, wishes, freeWeek }: Props) {
  const { issues, isSending, isRefreshing, sendTo } = useSend();
  const isReader = useBook()?.isReader === true;
  const pin = wishes.find((wish) => wish.kind === 'pinned' && wish.on === on && wish.apiaryId === apiaryId);
  const wish = (wanted: RoundWish) => void sendTo('/api/round-wishes', { isWanted: true, wish: wanted });
  const weekday = dayOfWeek(day(on));
  const nothing = { colonyId: null, key: null } as const;
  return (
    <>
      <Link
        prefetch={false}
        href={isToday ? `/hive?apiary=${apiaryId}` : `/rounds/${apiaryId}?day=${on}`}
        className="inline-flex min-h-8 items-center"
        aria-label={`${isToday ? 'Go' : 'Round sheet'}: ${title}`}
      >
        {isToday ? 'go' : 'sheet'}
      </Link>
      <Link
        prefetch={false}
        href={`/apiaries/kit/packing/${on}/${apiaryId}`}
        className="inline-flex min-h-8 items-center"
        aria-label={`Packing list: ${title}`}
      >
        to pack
      </Link>
      {!isReader && (
        <>
          <button
            type="button"
            className={QUIET}
            disabled={isSending}
            aria-label={`${pin ? 'Unpin' : 'Pin'}: ${title}`}
            onClick={() =>
              pin
                ? void sendTo('/api/round-wishes', { isWanted: false, id: pin.id })
                : wish({ id: newId(), kind: 'pinned', on, apiaryId, ...nothing })
            }
          >
            {pin ? 'unpin' : 'pin'}
          </button>
          <button
            type="button"
            className={QUIET}
            disabled={isSending}
            aria-label={`Not that day: ${title}`}
            onClick={() => wish({ id: newId(), kind: 'forbidden', on, apiaryId: null, ...nothing })}
          >
            not that day
          </button>
          <AskFirst
            trigger={
              <button type="button" className={QUIET} aria-label={`Never on ${weekdayName(weekday)}s: ${title}`}>
                {`never on ${weekdayName(weekday)}s`}
              </button>
            }
            title={`Never on ${weekdayName(weekday)}s?`}
            body="Your hours of that weekday are taken out. You can give them back under “When you are free”."
            yes="Take them out"
            onYes={() =>
              void sendTo('/api/free-time', {
                freeWeek: freeWeek.map((spans, i) => (i === weekday ? [] : spans)),
              })
            }
          />
        </>
      )}
      {isRefreshing && <span role="status">working out the rounds …</span>}
      {issues.map(({ message }) => (
        <span key={message} role="alert">
          {message}
        </span>
      ))}
    </>
  );
}
