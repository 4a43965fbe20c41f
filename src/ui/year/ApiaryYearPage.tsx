'use client';

import { useState } from 'react';
import type { SignSeen, YearSign } from '../../core/looking-back/seen-years';
import {
  type ApiaryYear,
  NO_YEAR,
  YEAR_SPANS,
  YEAR_STARTS,
  type YearSpanKind,
  type YearStart,
} from '../../core/year/apiary-year';
import type { MonthDay } from '../../core/year/month-day';
import { atPlace, placeInYear } from '../../core/year/month-day';
import type { ApiaryEntry } from '../../views/all-apiaries';
import { SIGN_IS_FOR, signWords, YEAR_SPAN_WORDS, YEAR_START_WORDS } from '../../words/year';
import { Button } from '../controls/Button';
import { useSave } from '../controls/useSave';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';
import { PageHead } from '../time/PageHead';
import { MonthDayField } from './MonthDayField';

interface Props {
  readonly apiary: ApiaryEntry;
  readonly signs: readonly SignSeen[];
  /** Guessed by the months, where no days of a swarm season were entered. */
  readonly guess: { readonly from: MonthDay; readonly to: MonthDay };
}

/** So long a stretch is taken to last where only its beginning is known. */
const USUAL_DAYS = 30;

/** The days of an apiary's year: entered, or taken from what was seen there in former years. */
export function ApiaryYearPage({ apiary, signs, guess }: Props) {
  const { issues, isSaving, save } = useSave('/api/apiaries');
  const isReader = useBook()?.isReader === true;
  const [year, setYear] = useState<ApiaryYear>(apiary.year ?? NO_YEAR);
  const [tries, setTries] = useState(0);
  const setStart = (start: YearStart, day: MonthDay | undefined) => {
    const { [start]: _, ...others } = year.starts;
    setYear({ ...year, starts: day === undefined ? others : { ...others, [start]: day } });
  };
  const setSpan = (i: number, over: Partial<ApiaryYear['spans'][number]>) =>
    setYear({ ...year, spans: year.spans.map((span, at) => (at === i ? { ...span, ...over } : span)) });
  const add = (kind: YearSpanKind, from = guess.from, to = guess.to) =>
    setYear({ ...year, spans: [...year.spans, { kind, from, to }] });
  const take = (sign: YearSign, day: MonthDay) => setYear(withSign(year, sign, day, guess));
  const isEmpty = year.spans.length === 0 && Object.keys(year.starts).length === 0;
  return (
    <>
      <PageHead
        title={`Days of the year at ${apiary.name}`}
        below="As they come most years. They set how often you inspect, and what the plan of the season hangs on."
      />
      <IssueList issues={issues} tries={tries} />
      {signs.length > 0 && (
        <section aria-label="Seen in former years" className="mt-3 max-w-3xl">
          <h2 className="text-lg">Seen here in former years</h2>
          <ul>
            {signs.map((seen) => (
              <li key={seen.sign} className="flex flex-wrap items-center gap-x-3 border-b border-line py-0.5">
                <span>{signWords(seen)}</span>
                {!isReader && (
                  <Button
                    kind="quiet"
                    className="min-h-11 text-sm wide:min-h-8"
                    onClick={() => take(seen.sign, seen.middle)}
                  >
                    {`Take it as “${SIGN_IS_FOR[seen.sign]}”`}
                  </Button>
                )}
              </li>
            ))}
          </ul>
          <p className="text-muted mt-1 text-sm">
            First seen is not first there: it was an inspection’s day. One year is chance; three begin to say something.
          </p>
        </section>
      )}
      <form
        noValidate
        className="max-w-3xl"
        onSubmit={(event) => {
          event.preventDefault();
          void save({ ...apiary, year: isEmpty ? null : year }, '/apiaries').then(() => setTries((n) => n + 1));
        }}
      >
        <div className="mt-3 grid gap-x-6 gap-y-3 sm:grid-cols-2">
          {YEAR_STARTS.map((start) => (
            <div key={start}>
              <b>{YEAR_START_WORDS[start].name}</b>
              <span className="text-muted block text-sm">{YEAR_START_WORDS[start].hint}</span>
              <MonthDayField
                name={YEAR_START_WORDS[start].name}
                value={year.starts[start]}
                onChange={(day) => setStart(start, day)}
                isOptional
                isWrong={issues.some(({ path }) => path.includes(start))}
              />
            </div>
          ))}
        </div>
        {YEAR_SPANS.map((kind) => (
          <section key={kind} aria-label={YEAR_SPAN_WORDS[kind].name} className="mt-4">
            <h2 className="text-lg">{YEAR_SPAN_WORDS[kind].name}</h2>
            <p className="text-muted text-sm">{YEAR_SPAN_WORDS[kind].hint}</p>
            {year.spans.map((span, i) =>
              span.kind === kind ? (
                // biome-ignore lint/suspicious/noArrayIndexKey: a span is known by its place alone, and they are never re-ordered
                <div key={i} className="mt-1 flex flex-wrap items-center gap-2">
                  <span className="text-sm">from</span>
                  <MonthDayField
                    name={`${YEAR_SPAN_WORDS[kind].name} from`}
                    value={span.from}
                    onChange={(from) => from && setSpan(i, { from })}
                  />
                  <span className="text-sm">to</span>
                  <MonthDayField
                    name={`${YEAR_SPAN_WORDS[kind].name} to`}
                    value={span.to}
                    onChange={(to) => to && setSpan(i, { to })}
                  />
                  {!isReader && (
                    <Button
                      kind="quiet"
                      className="min-h-11"
                      onClick={() => setYear({ ...year, spans: year.spans.filter((_, at) => at !== i) })}
                    >
                      Remove
                    </Button>
                  )}
                </div>
              ) : null,
            )}
            {!isReader && (
              <Button kind="plain" className="mt-1.5 text-sm" onClick={() => add(kind)}>
                {year.spans.some((span) => span.kind === kind) ? 'Add another' : 'Enter its days'}
              </Button>
            )}
          </section>
        ))}
        {!isReader && (
          <Button type="submit" kind="act" className="mt-5" disabled={isSaving}>
            Save
          </Button>
        )}
      </form>
    </>
  );
}

/** A year with a sign taken for what it is good for: the first span of its kind, or one of usual length where there is none yet. */
function withSign(year: ApiaryYear, sign: YearSign, day: MonthDay, guess: Props['guess']): ApiaryYear {
  if (sign === 'drone-brood') return { ...year, starts: { ...year.starts, 'build-up': day } };
  if (sign === 'drones-flying') return { ...year, starts: { ...year.starts, drones: day } };
  const kind: YearSpanKind = sign === 'flow-begins' || sign === 'flow-ends' ? 'flow' : 'swarm-season';
  const end = sign === 'last-cells' || sign === 'flow-ends' ? 'to' : 'from';
  const at = year.spans.findIndex((span) => span.kind === kind);
  if (at >= 0) return { ...year, spans: year.spans.map((span, i) => (i === at ? { ...span, [end]: day } : span)) };
  const other = atPlace(placeInYear(day) + (end === 'from' ? USUAL_DAYS : -USUAL_DAYS));
  const span =
    kind === 'swarm-season'
      ? { ...guess, [end]: day }
      : { from: end === 'from' ? day : other, to: end === 'to' ? day : other };
  return { ...year, spans: [...year.spans, { kind, ...span }] };
}
