'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Day, day, formatDay } from '../../core/calendar/day';
import type { Said } from '../../core/says/said';
import type { LeaveShut } from '../../core/schedule/check';
import { riskOfDay } from '../../core/schedule/check-changes';
import type { OutboxEntry } from '../../device/outbox-entry';
import type { SeasonCheck } from '../../views/season-view';
import { rangeWords, weekdayWords } from '../../words/days';
import { AskFirst } from '../controls/AskFirst';
import { useThisMinute } from '../frame/useThisMinute';
import { useDevice } from '../offline/DeviceProvider';
import { useSay } from '../offline/useSay';
import { spanStyle } from './place';
import { useDayDrag } from './useDayDrag';

interface Props {
  readonly check: SeasonCheck;
  readonly colonyId: string;
  readonly colonyName: string;
  readonly shut: readonly LeaveShut[];
  readonly origin: Day;
  readonly top: number;
  readonly minute: string;
  readonly daysOf: (px: number) => number;
}

/** The day that a check was put on on this device since the page was made; null: it was not. */
function keptDay(outbox: readonly OutboxEntry[], key: string, ideal: Day): Day | null {
  const [last] = outbox
    .flatMap((entry) =>
      entry.kind === 'check-change' && entry.state !== 'refused' && entry.body.key === key ? [entry] : [],
    )
    .sort((a, b) => (a.savedAt < b.savedAt ? 1 : -1));
  if (!last) return null;
  return last.body.to === null ? ideal : day(last.body.to);
}

/**
 * A planned check: the bracket is its window, the label its day. Dragged, or with Shift and the arrows, it goes to another day; on
 * one outside its window it is asked first, with what that risks. Clicked it opens the colony.
 */
export function SeasonCheckTag({ check, colonyId, colonyName, shut, origin, top, minute, daysOf }: Props) {
  const { key, label, window, plannedFor, tone } = check;
  const router = useRouter();
  const { outbox } = useDevice();
  const { issues, say } = useSay({ id: colonyId, name: colonyName });
  const thisMinute = useThisMinute(minute);
  const planned = keptDay(outbox, key, window.ideal) ?? plannedFor ?? window.ideal;
  /** Where it was put last. */
  const [put, setPut] = useState<Day | null>(null);
  const [asks, setAsks] = useState<string | null>(null);
  const today = minute.slice(0, 10);

  const send = async (to: Day) => {
    const body = {
      id: newId(),
      colonyId,
      key,
      at: thisMinute(),
      kind: 'moved',
      to: formatDay(to),
      reason: '',
    } as const;
    const said = await say('check-change', body, `${label}: put on ${weekdayWords(to)}`);
    setPut(said === 'refused' ? null : to);
    letGo();
  };
  const sayRisk = async (risk: Said) => {
    const { inWords } = await import('../../words/in-words');
    setAsks(inWords(risk));
  };
  const take = (to: Day) => {
    if (to === planned) return letGo();
    const risk = riskOfDay(check, shut, to);
    if (risk === null) void send(to);
    else void sayRisk(risk);
  };
  const { taken, at, letGo, handlers } = useDayDrag({
    planned,
    daysOf,
    onPut: take,
    onOpen: () => router.push(`/colonies/${colonyId}`),
  });
  const words = `${colonyName}, ${label}: ${weekdayWords(at)}, any day ${rangeWords({ from: window.earliest, to: window.latest })}`;
  return (
    <>
      <span
        className="season-bracket"
        data-tone={tone}
        style={{ ...spanStyle(origin, window.earliest, window.latest), top }}
        aria-hidden="true"
      />
      <button
        type="button"
        className="season-tag"
        data-tone={tone}
        style={{ ...spanStyle(origin, at, at), top: top + 5 }}
        title={`${words} (${formatDay(at)})`}
        aria-label={words}
        data-check={check.code}
        {...handlers}
      >
        {label}
      </button>
      <span role="status" className="sr-only">
        {taken !== null ? `${weekdayWords(taken)}: Enter puts it there, Escape leaves it.` : ''}
        {taken === null && put === planned ? `Put on ${weekdayWords(put)}.` : ''}
        {issues.map(({ message }) => message).join(' ')}
      </span>
      {asks !== null && (
        <AskFirst
          isOpen
          onClose={() => {
            setAsks(null);
            letGo();
          }}
          title={`${label} on ${weekdayWords(at)}?`}
          body={formatDay(at) < today ? 'That day has passed.' : asks}
          yes="Move it anyway"
          onYes={() => void send(at)}
        />
      )}
    </>
  );
}
