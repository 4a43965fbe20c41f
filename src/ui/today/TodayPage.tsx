import Link from 'next/link';
import type { TodayRow, TodayView } from '../../views/today-view';
import { LossQuestion } from '../scale/LossQuestion';
import type { Axis } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { TimeStrip } from '../time/TimeStrip';
import { TONE_TEXT } from '../time/tones';
import { DailyTick } from './DailyTick';

/** What must I do, where, and when? */
export function TodayPage({ view, axis, minute }: { view: TodayView; axis: Axis; minute: string }) {
  return (
    <>
      <RulerHead axis={axis} title={view.headline} below={view.summary} />
      {view.swarmRisks.map((words) => (
        <p key={words} className="text-propolis mt-2 max-w-prose border-l-4 border-propolis pl-3 font-semibold">
          {words}
        </p>
      ))}
      {view.bands.map(({ title, rows }) => (
        <section key={title} aria-label={title} className="mt-3">
          <h2 className="bg-ink px-2.5 py-0.5 text-sm text-white">{title}</h2>
          <ul>
            {rows.map((row) => (
              <Row key={row.colonyId} row={row} axis={axis} minute={minute} />
            ))}
          </ul>
        </section>
      ))}
      {view.bands.length === 0 && (
        <p className="mt-8 max-w-prose">
          No colonies yet. <Link href="/colonies/new">Add the first one</Link>, or look at a single cell with the{' '}
          <Link href="/cell-clock">cell clock</Link>.
        </p>
      )}
    </>
  );
}

function Row({ row, axis, minute }: { row: TodayRow; axis: Axis; minute: string }) {
  const { colonyId, name, apiary, reading, isUnseen, due, why, also, programme, daily, notes, tone, marks } = row;
  return (
    <li className="lane">
      <div className="lane-words py-1.5">
        <div className="flex items-baseline gap-2">
          <h3 className="text-lg">
            <Link prefetch={false} href={`/colonies/${colonyId}`} className="no-underline hover:underline">
              {name}
            </Link>
          </h3>
          {apiary && <span className="text-muted text-sm">{apiary}</span>}
          <Link
            prefetch={false}
            href={`/colonies/${colonyId}/inspect`}
            className="text-muted ml-auto flex min-h-11 min-w-12 items-center justify-end text-sm hover:text-ink wide:min-h-0"
            aria-label={`Enter an inspection of ${name}`}
          >
            enter
          </Link>
        </div>
        <p className="text-sm font-semibold">{reading}</p>
        <p className={`text-sm font-bold ${TONE_TEXT[tone]}`}>{due}</p>
        {isUnseen && (
          <p className="text-sm">
            <Link prefetch={false} href={`/colonies/${colonyId}/begun`}>
              A method is under way in it
            </Link>
          </p>
        )}
        {programme && (
          <p className="text-sm">
            <Link prefetch={false} href={`/programmes/${programme.id}`}>
              {programme.words}
            </Link>
          </p>
        )}
        {why && tone !== 'later' && <p className="text-muted text-sm leading-5">{why}</p>}
        {notes.noFitDay && <p className="text-propolis text-sm leading-5 font-semibold">{notes.noFitDay}</p>}
        {notes.flights && <p className="text-sm leading-5">{notes.flights}</p>}
        {notes.losses.map((loss) => (
          <LossQuestion key={loss.at} loss={loss} colonyName={name} />
        ))}
        {also && <p className="text-sm leading-5 font-semibold">{also}</p>}
        {daily.map((task) => (
          <DailyTick key={task.key} task={task} colony={{ id: colonyId, name }} minute={minute} />
        ))}
      </div>
      <TimeStrip axis={axis} marks={marks} name={name} />
    </li>
  );
}
