'use client';

import { ChevronRight } from 'lucide-react';
import Link from 'next/link';
import { useId, useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Day, day, formatDay } from '../../core/calendar/day';
import type { RoundWish } from '../../core/facts/round';
import type { NamedColony } from '../../views/all-apiaries';
import type { WeekView } from '../../views/week-view';
import { weekdayWords } from '../../words/days';
import { Button } from '../controls/Button';
import { useSend } from '../controls/useSend';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';

/** One check that is on a round. */
export interface PlannedCheck {
  readonly colonyId: string;
  readonly key: string;
  /** The hive, and what is done there. */
  readonly words: string;
}

interface Props {
  readonly apiaries: readonly NamedColony[];
  readonly wishes: readonly RoundWish[];
  readonly leftOut: WeekView['leftOut'];
  readonly checks: readonly PlannedCheck[];
  /** What the plan takes for granted. */
  readonly assumes: readonly string[];
  readonly today: Day;
}

/** Where the keeper goes today in any case, and what was said of the plan: each can be taken back. */
export function ChangePlan(props: Props) {
  const [isOpen, setOpen] = useState(false);
  const isReader = useBook()?.isReader === true;
  if (isReader && props.assumes.length === 0) return null;
  return (
    <details
      // It may have been opened before the page was alive.
      ref={(own) => void (own?.open && setOpen(true))}
      onToggle={(event) => setOpen(event.currentTarget.open)}
      className="group border-line border-b print:hidden"
    >
      <summary className="flex min-h-11 cursor-pointer list-none items-center gap-x-4 py-1.5">
        <b className="grow">{isReader ? 'How it is planned' : 'Change the plan'}</b>
        <ChevronRight aria-hidden="true" className="size-5 shrink-0 group-open:rotate-90" strokeWidth={3} />
      </summary>
      {props.assumes.length > 0 && (
        <ul aria-label="What the plan takes for granted" className="text-muted mb-2 max-w-prose text-sm">
          {props.assumes.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {isOpen && !isReader && <Changes {...props} />}
    </details>
  );
}

function Changes({ apiaries, wishes, leftOut, checks, today }: Props) {
  const { issues, isSending, isRefreshing, sendTo } = useSend();
  const iso = formatDay(today);
  const take = (id: string) => void sendTo('/api/round-wishes', { isWanted: false, id });
  const going = new Set(wishes.flatMap((wish) => (wish.kind === 'pinned' && wish.on === iso ? [wish.apiaryId] : [])));
  const ruledOut = wishes.filter((wish) => wish.kind === 'forbidden' && wish.on >= iso);
  const pins = wishes.filter((wish) => wish.kind === 'pinned' && wish.on >= iso);
  const nameOf = (id: string | null) => apiaries.find((one) => one.id === id)?.name ?? '';
  const goingTo = (apiaryId: string) => ({ id: newId(), kind: 'pinned', on: iso, apiaryId, colonyId: null, key: null });
  return (
    <>
      <IssueList issues={issues} />
      {isRefreshing && (
        <p role="status" className="text-sm font-semibold">
          Working out the rounds …
        </p>
      )}
      <p className="flex flex-wrap items-center gap-2 pb-2">
        <span className="font-semibold">Going today to</span>
        {apiaries
          .filter(({ id }) => !going.has(id))
          .map(({ id, name }) => (
            <Button
              key={id}
              kind="plain"
              disabled={isSending}
              onClick={() => void sendTo('/api/round-wishes', { isWanted: true, wish: goingTo(id) })}
            >
              {name}
            </Button>
          ))}
      </p>
      <LeaveOff
        checks={checks}
        isSending={isSending}
        onLeave={(wish) => void sendTo('/api/round-wishes', { isWanted: true, wish })}
      />
      <ul className="text-sm">
        {pins.map(({ id, on, apiaryId }) => (
          <TakeBack
            key={id}
            words={`${weekdayWords(day(on as string))}: the round to ${nameOf(apiaryId)} is pinned.`}
            name="Unpin it"
            isSending={isSending}
            onTake={() => take(id)}
          />
        ))}
        {ruledOut.map(({ id, on }) => (
          <TakeBack
            key={id}
            words={`${weekdayWords(day(on as string))}: no rounds that day.`}
            name="Allow it again"
            isSending={isSending}
            onTake={() => take(id)}
          />
        ))}
        {leftOut.map(({ wishId, words }) => (
          <TakeBack
            key={wishId}
            words={`${words}: on no round.`}
            name="Plan it again"
            isSending={isSending}
            onTake={() => take(wishId)}
          />
        ))}
      </ul>
      <p className="py-2">
        <Link prefetch={false} href="/free-time" className="inline-flex min-h-11 items-center">
          When you are free: hours, days away, ways, minutes
        </Link>
      </p>
    </>
  );
}

const optionOf = ({ colonyId, key }: PlannedCheck) => `${colonyId} ${key}`;

/** One check is taken off the rounds: it stays due, and no round is planned for it. */
function LeaveOff({
  checks,
  isSending,
  onLeave,
}: {
  checks: readonly PlannedCheck[];
  isSending: boolean;
  onLeave: (wish: RoundWish) => void;
}) {
  const id = useId();
  const [chosen, setChosen] = useState('');
  const check = checks.find((one) => optionOf(one) === chosen);
  return (
    <p className="flex flex-wrap items-center gap-2 pb-2">
      <label htmlFor={id} className="font-semibold">
        On no round
      </label>
      <select
        id={id}
        className="min-h-11 max-w-full border-2 border-ink bg-paper px-2"
        value={check ? chosen : ''}
        onChange={(event) => setChosen(event.target.value)}
      >
        <option value="">choose what</option>
        {checks.map((one) => (
          <option key={optionOf(one)} value={optionOf(one)}>
            {one.words}
          </option>
        ))}
      </select>
      <Button
        kind="plain"
        disabled={isSending || !check}
        onClick={() =>
          check &&
          onLeave({ id: newId(), kind: 'left-out', on: null, apiaryId: null, colonyId: check.colonyId, key: check.key })
        }
      >
        Leave it off
      </Button>
    </p>
  );
}

function TakeBack({
  words,
  name,
  isSending,
  onTake,
}: {
  words: string;
  name: string;
  isSending: boolean;
  onTake: () => void;
}) {
  return (
    <li className="flex flex-wrap items-baseline gap-x-3">
      {words}
      <Button kind="quiet" className="min-h-11" disabled={isSending} aria-label={`${name}: ${words}`} onClick={onTake}>
        {name}
      </Button>
    </li>
  );
}
