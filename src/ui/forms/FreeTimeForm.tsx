'use client';

import { formatDay } from '../../core/calendar/day';
import { clockText } from '../../core/calendar/minute';
import type { LearnedMinutes } from '../../core/rounds/learned-minutes';
import { USUAL_MINUTES, VISIT_KINDS, type VisitKind } from '../../core/rounds/work';
import type { FreeTime, Span } from '../../core/settings/free-time';
import { SETTING_LIMITS, type Settings } from '../../core/settings/settings';
import { weekdayName } from '../../words/days';
import { VISIT_WORDS } from '../../words/rounds';
import { DayField } from '../controls/DayField';
import { Field, problemOf } from '../controls/Field';
import { BUTTON, FIELD } from '../controls/styles';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';
import { PageHead } from '../time/PageHead';
import { useEntryForm } from './useEntryForm';

type Values = FreeTime & Pick<Settings, 'wayMinutes' | 'workMinutes' | 'latitude' | 'longitude'>;

interface Props {
  readonly values: Values;
  readonly learned: readonly (readonly [VisitKind, LearnedMinutes])[];
  /** Each apiary with its own way; null: none of its own. */
  readonly ways: readonly { readonly id: string; readonly name: string; readonly wayMinutes: number | null }[];
}

/** Monday first, as weeks are told. */
const WEEK = [1, 2, 3, 4, 5, 6, 0];
const NEW_SPAN: Span = { from: 17 * 60, to: 19 * 60 };

const minutesOfClock = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));

/** When the keeper has time, how far it is to the hives, how long things take. */
export function FreeTimeForm({ values: first, learned, ways }: Props) {
  const { values, set, issues, tries, isSaving, submit } = useEntryForm<Values>({
    values: first,
    path: '/api/free-time',
    schema: () => import('../../core/facts/setting').then(({ freeTimeEntry }) => freeTimeEntry),
    body: (entry) => entry,
    goTo: () => '/',
  });
  const today = useBook()?.today;
  const { freeWeek, away, extraHours, workMinutes } = values;
  const iso = today === undefined ? '' : formatDay(today);
  const known = new Map(learned);
  const setDay = (weekday: number, spans: readonly Span[]) =>
    set({ freeWeek: freeWeek.map((own, i) => (i === weekday ? spans : own)) });
  const setMinutes = (kind: VisitKind, text: string) => {
    const { [kind]: _, ...others } = workMinutes;
    set({ workMinutes: text === '' ? others : { ...others, [kind]: Number(text) } });
  };
  return (
    <>
      <PageHead
        title="When you are free"
        below="Rounds are planned in these hours, on days on which hives can be opened, and end half an hour before sunset."
      />
      <form noValidate className="max-w-xl" onSubmit={(event) => void submit(event)}>
        <IssueList issues={issues} tries={tries} />
        <h2 className="mt-4 text-xl">Hours of the week</h2>
        <ul>
          {WEEK.map((weekday) => (
            <Weekday
              key={weekday}
              name={weekdayName(weekday)}
              spans={freeWeek[weekday] ?? []}
              problem={issues
                .filter(({ path }) => path[0] === 'freeWeek' && path[1] === weekday)
                .map(({ message }) => message)
                .join(' ')}
              onChange={(spans) => setDay(weekday, spans)}
            />
          ))}
        </ul>
        <h2 className="mt-6 text-xl">Days away</h2>
        <ul className="grid gap-3">
          {away.map((one, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows have no name of their own, and are never re-ordered
            <li key={i} className="grid grid-cols-2 items-end gap-2 border-b border-line pb-2">
              <DayField
                aria-label="Away from"
                value={one.from}
                min={iso}
                onChange={(from) => set({ away: away.map((row, at) => (at === i ? { ...row, from } : row)) })}
              />
              <DayField
                aria-label="Away until and including"
                value={one.to}
                min={one.from}
                since={one.from}
                onChange={(to) => set({ away: away.map((row, at) => (at === i ? { ...row, to } : row)) })}
              />
              <input
                aria-label="Why"
                placeholder="why, if you like"
                className={FIELD}
                value={one.why}
                onChange={({ target: { value: why } }) =>
                  set({ away: away.map((row, at) => (at === i ? { ...row, why } : row)) })
                }
              />
              <button
                type="button"
                className={`${BUTTON.quiet} min-h-11 text-left`}
                onClick={() => set({ away: away.filter((_, at) => at !== i) })}
              >
                Remove
              </button>
            </li>
          ))}
        </ul>
        <Problem text={problemOf(issues, 'away')} />
        <button
          type="button"
          className={`${BUTTON.plain} mt-2`}
          onClick={() => set({ away: [...away, { from: iso, to: iso, why: '' }] })}
        >
          Add days away
        </button>
        <h2 className="mt-6 text-xl">Extra hours on a day</h2>
        <ul className="grid gap-3">
          {extraHours.map((one, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows have no name of their own, and are never re-ordered
            <li
              key={i}
              className="grid grid-cols-2 items-end gap-2 border-b border-line pb-2 sm:grid-cols-[1fr_auto_auto]"
            >
              <DayField
                aria-label="Day of the extra hours"
                value={one.on}
                min={iso}
                onChange={(on) => set({ extraHours: extraHours.map((row, at) => (at === i ? { ...row, on } : row)) })}
              />
              <Hours
                name="Extra hours"
                span={one}
                onChange={(span) =>
                  set({ extraHours: extraHours.map((row, at) => (at === i ? { ...row, ...span } : row)) })
                }
              />
              <button
                type="button"
                className={`${BUTTON.quiet} min-h-11 text-left`}
                onClick={() => set({ extraHours: extraHours.filter((_, at) => at !== i) })}
              >
                Remove
              </button>
            </li>
          ))}
        </ul>
        <Problem text={problemOf(issues, 'extraHours')} />
        <button
          type="button"
          className={`${BUTTON.plain} mt-2`}
          onClick={() => set({ extraHours: [...extraHours, { on: iso, ...NEW_SPAN }] })}
        >
          Add hours
        </button>
        <h2 className="mt-6 text-xl">Ways</h2>
        <Field
          name="Minutes there and back"
          hint="To an apiary that has no way of its own."
          problem={problemOf(issues, 'wayMinutes')}
        >
          {(props) => (
            <input
              {...props}
              type="number"
              inputMode="numeric"
              {...SETTING_LIMITS.wayMinutes}
              value={Number.isNaN(values.wayMinutes) ? '' : values.wayMinutes}
              onChange={({ target: { value } }) => set({ wayMinutes: value === '' ? Number.NaN : Number(value) })}
            />
          )}
        </Field>
        <ul className="mt-2 text-sm">
          {ways.map(({ id, name, wayMinutes }) => (
            <li key={id}>
              {`${name}: ${wayMinutes === null ? 'as above' : `${wayMinutes} min`}. `}
              <a href={`/apiaries/${id}`} className="inline-flex min-h-6 items-center">
                Edit<span className="sr-only"> {name}</span>
              </a>
            </li>
          ))}
        </ul>
        <h2 className="mt-6 text-xl">Where the hives stand</h2>
        <p className="text-muted text-sm">For sunset. A degree is near enough. South and west are less than nothing.</p>
        <div className="grid grid-cols-2 gap-x-4">
          <Degrees name="Latitude" field="latitude" values={values} issues={issues} set={set} />
          <Degrees name="Longitude" field="longitude" values={values} issues={issues} set={set} />
        </div>
        <h2 className="mt-6 text-xl">Minutes at one hive</h2>
        <p className="text-muted text-sm">
          Left empty, they are learned from the rounds that you begin and end at the hives; until then Ubbet’s own
          stand. Three minutes for opening a hive come on top.
        </p>
        <div className="grid gap-x-4 sm:grid-cols-2">
          {VISIT_KINDS.map((kind) => (
            <Field
              key={kind}
              name={VISIT_WORDS[kind]}
              problem={issues
                .filter(({ path }) => path[0] === 'workMinutes' && path[1] === kind)
                .map(({ message }) => message)
                .join(' ')}
              hint={learnedHint(known.get(kind))}
            >
              {(props) => (
                <input
                  {...props}
                  type="number"
                  inputMode="numeric"
                  placeholder={String(known.get(kind)?.minutes ?? USUAL_MINUTES[kind])}
                  value={workMinutes[kind] ?? ''}
                  onChange={({ target: { value } }) => setMinutes(kind, value)}
                />
              )}
            </Field>
          ))}
        </div>
        <button type="submit" className={`${BUTTON.act} mt-5`} disabled={isSaving}>
          Save
        </button>
      </form>
    </>
  );
}

const learnedHint = (learned: LearnedMinutes | undefined) =>
  learned && `Learned: ${learned.minutes} min, from ${learned.of === 1 ? 'one round' : `${learned.of} rounds`}.`;

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
    <li className="grid grid-cols-[7rem_1fr] items-start gap-x-2 border-b border-line py-1.5">
      <b className="py-2.5">{name}</b>
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
            <button
              type="button"
              className={`${BUTTON.quiet} min-h-11`}
              aria-label={`Remove ${name}, ${clockText(span.from)} to ${clockText(span.to)}`}
              onClick={() => onChange(spans.filter((_, at) => at !== i))}
            >
              Remove
            </button>
          </div>
        ))}
        <button
          type="button"
          className={`${BUTTON.quiet} min-h-11`}
          aria-label={`Add hours on ${name}`}
          onClick={() => onChange([...spans, NEW_SPAN])}
        >
          Add hours
        </button>
        <Problem text={problem || null} />
      </div>
    </li>
  );
}

function Hours({ name, span, onChange }: { name: string; span: Span; onChange: (span: Span) => void }) {
  const field = (key: 'from' | 'to', label: string) => (
    <input
      type="time"
      className="min-h-11 border-2 border-ink bg-paper px-2"
      aria-label={`${name}, ${label}`}
      value={Number.isNaN(span[key]) ? '' : clockText(Math.min(span[key], 1439))}
      onChange={({ target: { value } }) => onChange({ from: span.from, to: span.to, [key]: minutesOfClock(value) })}
    />
  );
  return (
    <span className="flex items-center gap-2">
      {field('from', 'from')} to {field('to', 'to')}
    </span>
  );
}

function Degrees({
  name,
  field,
  values,
  issues,
  set,
}: {
  name: string;
  field: 'latitude' | 'longitude';
  values: Values;
  issues: Parameters<typeof problemOf>[0];
  set: (fields: Partial<Values>) => void;
}) {
  return (
    <Field name={name} problem={problemOf(issues, field)}>
      {(props) => (
        <input
          {...props}
          type="number"
          inputMode="decimal"
          step="any"
          placeholder="not known"
          value={values[field] ?? ''}
          onChange={({ target: { value } }) => set({ [field]: value === '' ? null : Number(value) })}
        />
      )}
    </Field>
  );
}

function Problem({ text }: { text: string | null }) {
  if (!text) return null;
  return (
    <p role="alert" className="text-propolis mt-1 font-bold">
      {text}
    </p>
  );
}
