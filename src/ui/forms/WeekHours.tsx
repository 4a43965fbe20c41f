'use client';

import { clockText } from '../../core/calendar/minute';
import type { FreeTime, Span } from '../../core/settings/free-time';
import { weekdayName } from '../../words/days';
import type { IssueInWords } from '../../words/issues';
import { Button } from '../controls/Button';
import { FieldProblem } from '../controls/Field';
import { Row } from '../controls/Row';
import { Hours, NEW_SPAN } from './Hours';
import { WEEK, WeekPaint } from './WeekPaint';

interface Props {
  readonly week: FreeTime['freeWeek'];
  readonly issues: readonly IssueInWords[];
  readonly onChange: (week: FreeTime['freeWeek']) => void;
}

/** The hours of each weekday. */
export function WeekHours({ week, issues, onChange }: Props) {
  const problemOn = (weekday: number) =>
    issues.filter(({ path }) => path[0] === 'freeWeek' && path[1] === weekday).map(({ message }) => message);
  const isWrong = issues.some(({ path }) => path[0] === 'freeWeek');
  return (
    <>
      <h2 className="mt-4 text-xl">Hours of the week</h2>
      <p className="text-muted text-sm">Slide over the hours in which you can be at the hives.</p>
      <WeekPaint week={week} onChange={onChange} />
      <Row title="Type the hours" {...(isWrong ? { isOpen: true } : {})}>
        <ul>
          {WEEK.map((weekday) => (
            <Weekday
              key={weekday}
              name={weekdayName(weekday)}
              spans={week[weekday] ?? []}
              problem={problemOn(weekday).join(' ')}
              onChange={(spans) => onChange(week.map((own, i) => (i === weekday ? spans : own)))}
            />
          ))}
        </ul>
      </Row>
    </>
  );
}

function Weekday({
  name,
  spans,
  problem,
  onChange,
}: {
  name: string;
  spans: readonly Span[];
  problem: string;
  onChange: (spans: readonly Span[]) => void;
}) {
  return (
    <li className="grid items-start gap-x-2 border-b border-line py-1.5 sm:grid-cols-[7rem_1fr]">
      <b className="sm:py-2.5">{name}</b>
      <div>
        {spans.length === 0 && <p className="text-muted py-2.5">no time</p>}
        {spans.map((span, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: hours have no name of their own
          <div key={i} className="flex flex-wrap items-center gap-2">
            <Hours
              name={name}
              span={span}
              onChange={(changed) => onChange(spans.map((one, at) => (at === i ? changed : one)))}
            />
            <Button
              kind="quiet"
              className="min-h-11"
              aria-label={`Remove ${name}, ${clockText(span.from)} to ${clockText(span.to)}`}
              onClick={() => onChange(spans.filter((_, at) => at !== i))}
            >
              Remove
            </Button>
          </div>
        ))}
        <Button
          kind="quiet"
          className="min-h-11"
          aria-label={`Add hours on ${name}`}
          onClick={() => onChange([...spans, NEW_SPAN])}
        >
          Add hours
        </Button>
        <FieldProblem text={problem || null} />
      </div>
    </li>
  );
}
