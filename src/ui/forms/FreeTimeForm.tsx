'use client';

import { formatDay } from '../../core/calendar/day';
import type { LearnedMinutes } from '../../core/rounds/learned-minutes';
import { USUAL_MINUTES, VISIT_KINDS, type VisitKind } from '../../core/rounds/work';
import type { FreeTime } from '../../core/settings/free-time';
import { SETTING_LIMITS, type Settings } from '../../core/settings/settings';
import { VISIT_WORDS } from '../../words/rounds';
import { Button } from '../controls/Button';
import { Field, problemOf } from '../controls/Field';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';
import { PageHead } from '../time/PageHead';
import { AwayDays } from './AwayDays';
import { ExtraHoursList } from './ExtraHoursList';
import { RoadsBetween } from './RoadsBetween';
import { useEntryForm } from './useEntryForm';
import { WeekHours } from './WeekHours';

type Values = FreeTime & Pick<Settings, 'wayMinutes' | 'roadMinutes' | 'workMinutes' | 'latitude' | 'longitude'>;

interface Props {
  readonly values: Values;
  readonly learned: readonly (readonly [VisitKind, LearnedMinutes])[];
  /** Each apiary with its own way; null: none of its own. */
  readonly ways: readonly { readonly id: string; readonly name: string; readonly wayMinutes: number | null }[];
}

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
      <form noValidate className="max-w-3xl" onSubmit={(event) => void submit(event)}>
        <IssueList issues={issues} tries={tries} />
        <WeekHours week={freeWeek} issues={issues} onChange={(week) => set({ freeWeek: week })} />
        <AwayDays
          away={away}
          today={iso}
          problem={problemOf(issues, 'away')}
          onChange={(days) => set({ away: days })}
        />
        <ExtraHoursList
          hours={extraHours}
          today={iso}
          problem={problemOf(issues, 'extraHours')}
          onChange={(hours) => set({ extraHours: hours })}
        />
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
        <RoadsBetween
          apiaries={ways}
          roads={values.roadMinutes}
          issues={issues}
          onChange={(roads) => set({ roadMinutes: roads })}
        />
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
        <Button type="submit" kind="act" className="mt-5" disabled={isSaving}>
          Save
        </Button>
      </form>
    </>
  );
}

const learnedHint = (learned: LearnedMinutes | undefined) =>
  learned && `Learned: ${learned.minutes} min, from ${learned.of === 1 ? 'one round' : `${learned.of} rounds`}.`;

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
