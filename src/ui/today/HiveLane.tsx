import Link from 'next/link';
import type { ReactNode } from 'react';
import type { TodayRow } from '../../views/today-view';
import { LossQuestion } from '../scale/LossQuestion';
import type { Axis } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';
import { TONE_TEXT } from '../time/tones';
import { DailyTick } from './DailyTick';

interface Props {
  readonly row: TodayRow;
  readonly axis: Axis;
  readonly minute: string;
  /** What is done there, where that is another thing than what is due first. */
  readonly tasks?: ReactNode;
}

/** A hive on Today, in a list that has the ground of its lanes: how it stands, what is asked and why, beside its days. */
export function HiveLane({ row, axis, minute, tasks }: Props) {
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
        {tasks ?? <p className={`text-sm font-bold ${TONE_TEXT[tone]}`}>{due}</p>}
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
        {!tasks && why && tone !== 'later' && <p className="text-muted text-sm leading-5">{why}</p>}
        {!tasks && notes.noFitDay && <p className="text-propolis text-sm leading-5 font-semibold">{notes.noFitDay}</p>}
        {notes.flights && <p className="text-sm leading-5">{notes.flights}</p>}
        {notes.losses.map((loss) => (
          <LossQuestion key={loss.at} loss={loss} colonyName={name} />
        ))}
        {!tasks && also && <p className="text-sm leading-5 font-semibold">{also}</p>}
        {daily.map((task) => (
          <div key={task.key}>
            {(tasks || task.words !== due) && <p className="text-sm leading-5 font-semibold">{task.words}</p>}
            <DailyTick task={task} colony={{ id: colonyId, name }} minute={minute} />
          </div>
        ))}
      </div>
      <TimeStrip axis={axis} marks={marks} name={name} isOnGround />
    </li>
  );
}
