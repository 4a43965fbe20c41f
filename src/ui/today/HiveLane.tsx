'use client';

import Link from 'next/link';
import { Fragment } from 'react';
import type { TodayRow } from '../../views/today-view';
import type { WeekRow } from '../../views/week-view';
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
  readonly tasks?: WeekRow['tasks'] | undefined;
}

/**
 * A hive on Today, in a list that has the ground of its lanes: how it stands, what is asked and why, beside its days. What it is drawn
 * from is sent, not what is drawn: that is half as much where there are a hundred of them.
 */
export function HiveLane({ row, axis, minute, tasks }: Props) {
  const { colonyId, name, apiary, reading, isUnseen, due, why, also, programme, daily, notes, tone, marks } = row;
  return (
    <li className="lane">
      <div className="lane-words hive-words">
        <h3>
          <Link prefetch={false} href={`/colonies/${colonyId}`}>
            {name}
          </Link>
        </h3>
        {apiary && <span className="text-muted">{apiary}</span>}
        <Link prefetch={false} href={`/colonies/${colonyId}/inspect`} aria-label={`Enter an inspection of ${name}`}>
          enter
        </Link>
        <p className="font-semibold">{reading}</p>
        {tasks ? <Tasks tasks={tasks} /> : <p className={`font-bold ${TONE_TEXT[tone]}`}>{due}</p>}
        {isUnseen && (
          <p>
            <Link prefetch={false} href={`/colonies/${colonyId}/begun`}>
              A method is under way in it
            </Link>
          </p>
        )}
        {programme && (
          <p>
            <Link prefetch={false} href={`/programmes/${programme.id}`}>
              {programme.words}
            </Link>
          </p>
        )}
        {!tasks && why && tone !== 'later' && <p className="text-muted">{why}</p>}
        {!tasks && notes.noFitDay && <p className="text-propolis font-semibold">{notes.noFitDay}</p>}
        {notes.flights && <p>{notes.flights}</p>}
        {notes.losses.map((loss) => (
          <LossQuestion key={loss.at} loss={loss} colonyName={name} />
        ))}
        {!tasks && also && <p className="font-semibold">{also}</p>}
        {daily.map((task) => (
          <div key={task.key}>
            {(tasks || task.words !== due) && <p className="font-semibold">{task.words}</p>}
            <DailyTick task={task} colony={{ id: colonyId, name }} minute={minute} />
          </div>
        ))}
      </div>
      <TimeStrip axis={axis} marks={marks} name={name} isOnGround />
    </li>
  );
}

function Tasks({ tasks }: { readonly tasks: WeekRow['tasks'] }) {
  return tasks.map(({ key, words, why, tone, note }) => (
    <Fragment key={key}>
      <p className={`font-bold ${TONE_TEXT[tone]}`}>{words}</p>
      {note && <p className="text-propolis font-semibold">{note}</p>}
      {why && <p className="text-muted">{why}</p>}
    </Fragment>
  ));
}
