'use client';

import Link from 'next/link';
import { Fragment } from 'react';
import type { TodayRow } from '../../views/today-view';
import type { WeekRow } from '../../views/week-view';
import { ButtonLink } from '../controls/Button';
import type { Axis } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';
import { TONE_TEXT } from '../time/tones';

interface Props {
  readonly row: TodayRow;
  readonly axis: Axis;
  /** What is done there on a round, where that is another thing than what is due first. */
  readonly onRound?: Pick<WeekRow, 'line' | 'tasks'> | undefined;
}

/**
 * A hive on Today, in a list that has the ground of its lanes: its name, what to do and by when, and how it stands in a few words, beside
 * its days; why and all else once it is opened. What it is drawn from is sent, not what is drawn: that is half as much where there are a
 * hundred of them.
 */
export function HiveLane({ row, axis, onRound }: Props) {
  const { colonyId, name, apiary, reading, isUnseen, asksMethod, due, why, also, programme, notes, marks } = row;
  const { act, tone, reason } = onRound?.line ?? { ...row.line, tone: row.tone };
  return (
    <li className="lane hive-lane">
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
        <details>
          <summary>
            <span className={`font-bold ${TONE_TEXT[tone]}`}>{act}</span>
            {reason && <span className="text-muted block">{reason}</span>}
          </summary>
          <p className="font-semibold">{reading}</p>
          {onRound ? <Tasks tasks={onRound.tasks} /> : tone === 'now' && <p>{due}</p>}
          {asksMethod && (
            <p>
              <ButtonLink
                kind="act"
                href={`/colonies/${colonyId}/decide`}
                aria-label={`What are my choices for ${name}?`}
              >
                What are my choices?
              </ButtonLink>
            </p>
          )}
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
          {!onRound && why && tone !== 'later' && <p className="text-muted">{why}</p>}
          {!onRound && notes.noFitDay && <p className="text-propolis font-semibold">{notes.noFitDay}</p>}
          {notes.flights && <p>{notes.flights}</p>}
          {!onRound && also && <p className="font-semibold">{also}</p>}
        </details>
      </div>
      <TimeStrip axis={axis} marks={marks} name={name} isOnGround />
    </li>
  );
}

/** Of one thing alone the line above has said what it is. */
function Tasks({ tasks }: { readonly tasks: WeekRow['tasks'] }) {
  return tasks.map(({ key, words, why, tone, note }) => (
    <Fragment key={key}>
      {tasks.length > 1 && <p className={`font-bold ${TONE_TEXT[tone]}`}>{words}</p>}
      {note && <p className="text-propolis font-semibold">{note}</p>}
      {why && <p className="text-muted">{why}</p>}
    </Fragment>
  ));
}
