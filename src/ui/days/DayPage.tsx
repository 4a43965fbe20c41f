import { ChevronLeft, ChevronRight } from 'lucide-react';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { addDays, type Day, formatDay } from '../../core/calendar/day';
import type { ApiaryEntry } from '../../views/all-apiaries';
import type { RoundHive, RoundView } from '../../views/round-view';
import { weekdayWords } from '../../words/days';
import { hivesWords } from '../../words/hives';
import { roundPhrases } from '../../words/pages/round';
import { ButtonLink } from '../controls/Button';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { TONE_TEXT } from '../time/tones';

interface Props {
  readonly title: string;
  readonly axis: Axis;
  readonly day: Day;
  readonly isPast: boolean;
  readonly rounds: readonly {
    readonly apiary: ApiaryEntry;
    readonly round: RoundView;
    /** When a round is planned there; null: none is. */
    readonly hours: string | null;
  }[];
}

/** One day's rounds: what could be done then, apiary by apiary, and what is to be left shut. */
export function DayPage({ title, axis, day, isPast, rounds }: Props) {
  const busy = rounds.filter(({ round }) => round.due.length > 0);
  const shut = rounds.flatMap(({ round }) => round.leaveShut);
  return (
    <>
      <RulerHead
        axis={axis}
        title={title}
        below={
          <>
            <p>
              {isPast
                ? 'What would be due then, going by what is known today.'
                : 'What can be done on this day, going by what is known today.'}
            </p>
            <nav aria-label="Other days" className="flex gap-2 py-1">
              <OtherDay day={addDays(day, -1)} name="The day before">
                <ChevronLeft aria-hidden="true" className="size-5" strokeWidth={3} />
              </OtherDay>
              <OtherDay day={addDays(day, 1)} name="The day after">
                <ChevronRight aria-hidden="true" className="size-5" strokeWidth={3} />
              </OtherDay>
            </nav>
          </>
        }
      />
      {busy.length === 0 && <p className="mt-4 font-semibold">Nothing is due on this day.</p>}
      {busy.map(({ apiary, round, hours }) => (
        <section key={apiary.id} aria-label={apiary.name} className="mt-3">
          <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">{`${apiary.name} · ${hivesWords(round.due.length)}${hours === null ? '' : ` · round planned ${hours}`}`}</h2>
          <ol>
            {round.due.map((hive) => (
              <DueHive key={hive.colonyId} hive={hive} />
            ))}
          </ol>
          {!isPast && (
            <p className="mt-1">
              <ButtonLink href={`/rounds/${apiary.id}?day=${formatDay(day)}`} kind="quiet">
                round sheet, to print or to send
              </ButtonLink>
            </p>
          )}
        </section>
      ))}
      {shut.length > 0 && (
        <section aria-label="Leave shut" className="mt-3">
          <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">Leave shut</h2>
          <ul>
            {shut.map(({ colonyId, name, words }) => (
              <li key={colonyId} className="border-b border-line py-1.5">
                <Link prefetch={false} href={`/colonies/${colonyId}`} className="font-bold">
                  {name}
                </Link>{' '}
                <span className="text-indigo font-semibold">{words}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function OtherDay({ day, name, children }: { day: Day; name: string; children: ReactNode }) {
  return (
    <Link
      prefetch={false}
      href={`/days/${formatDay(day)}`}
      aria-label={`${name}, ${weekdayWords(day)}`}
      className="flex min-h-11 min-w-11 items-center justify-center border-2 border-line bg-paper text-ink hover:border-ink"
    >
      {children}
    </Link>
  );
}

function DueHive({ hive: { colonyId, name, stand, situation, due, plannedFor } }: { hive: RoundHive }) {
  return (
    <li className="border-b border-line py-1.5">
      <Link
        prefetch={false}
        href={`/colonies/${colonyId}`}
        className="font-display text-lg font-bold no-underline hover:underline"
      >
        {name}
      </Link>{' '}
      <span className="text-muted text-sm">
        {[stand, situation, plannedFor && roundPhrases.plannedFor(plannedFor)].filter(Boolean).join(' · ')}
      </span>
      <ul className="text-sm">
        {due.map(({ key, words, why, tone }) => (
          <li key={key}>
            <b className={TONE_TEXT[tone]}>{words}.</b> {why}
          </li>
        ))}
      </ul>
    </li>
  );
}
