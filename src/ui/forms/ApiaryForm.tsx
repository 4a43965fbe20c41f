'use client';

import { formatDay } from '../../core/calendar/day';
import { SETTING_LIMITS } from '../../core/settings/settings';
import type { ApiaryEntry } from '../../views/all-apiaries';
import { monthName } from '../../words/days';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { DayField } from '../controls/DayField';
import { Field, problemOf } from '../controls/Field';
import { MonthsChoice } from '../controls/MonthsChoice';
import { IssueList } from '../entry/IssueList';
import { useBook } from '../frame/BookContext';
import { PageHead } from '../time/PageHead';
import { useEntryForm } from './useEntryForm';

interface Props {
  readonly apiary: ApiaryEntry;
  readonly isNew: boolean;
  /** Months in which swarms come elsewhere, by the settings. */
  readonly usualMonths: readonly number[];
  /** Minutes there and back where nothing else is said. */
  readonly usualWay: number;
}

/** Adds an apiary or changes one. */
export function ApiaryForm({ apiary, isNew, usualMonths, usualWay }: Props) {
  const { values, register, set, issues, tries, isSaving, submit } = useEntryForm<ApiaryEntry>({
    values: apiary,
    path: '/api/apiaries',
    schema: () => import('../../core/facts/apiary').then(({ apiaryFact }) => apiaryFact),
    body: (entry) => entry,
    goTo: () => (isNew ? '/colonies' : '/apiaries'),
  });
  const { mainFlowFrom, mainFlowTo, swarmMonths, diseaseSuspectedSince } = values;
  const book = useBook();
  const today = book ? formatDay(book.today) : '';
  return (
    <>
      <PageHead title={isNew ? 'Add an apiary' : `Edit ${apiary.name}`} />
      <form noValidate className="max-w-xl" onSubmit={(event) => void submit(event)}>
        <IssueList issues={issues} tries={tries} />
        <Field name="Name" problem={problemOf(issues, 'name')}>
          {(props) => <input {...props} {...register('name')} />}
        </Field>
        <Field
          name="Note"
          hint="Access, neighbours, flight lines, what stands there."
          problem={problemOf(issues, 'note')}
        >
          {(props) => <textarea {...props} rows={3} {...register('note')} />}
        </Field>
        <Field
          name="Minutes there and back"
          hint={`For planning rounds. Empty: as under “When you are free”, ${usualWay} min.`}
          problem={problemOf(issues, 'wayMinutes')}
        >
          {(props) => (
            <input
              {...props}
              type="number"
              inputMode="numeric"
              {...SETTING_LIMITS.wayMinutes}
              value={values.wayMinutes ?? ''}
              onChange={({ target: { value } }) => set({ wayMinutes: value === '' ? null : Number(value) })}
            />
          )}
        </Field>
        <div className="grid gap-x-6 sm:grid-cols-2">
          <Field
            name="Main flow from"
            hint="As you expect it this year; a Demaree wants it on or near."
            problem={problemOf(issues, 'mainFlowFrom')}
          >
            {(props) => (
              <DayField
                {...props}
                value={mainFlowFrom ?? ''}
                onChange={(value) => set({ mainFlowFrom: value || null })}
              />
            )}
          </Field>
          <Field name="Main flow until" hint="The last day of it, roughly." problem={problemOf(issues, 'mainFlowTo')}>
            {(props) => (
              <DayField {...props} value={mainFlowTo ?? ''} onChange={(value) => set({ mainFlowTo: value || null })} />
            )}
          </Field>
        </div>
        <Check
          name="Swarms come at another time here"
          hint={`Else as in the settings: ${usualMonths.map(monthName).join(', ')}.`}
          value={swarmMonths !== null}
          onChange={(isOwn) => set({ swarmMonths: isOwn ? usualMonths : null })}
        />
        {swarmMonths !== null && (
          <MonthsChoice
            legend="When do swarms come here?"
            hint="Tap every month in which they may. It sets how often you are asked to inspect."
            value={swarmMonths}
            onChange={(months) => set({ swarmMonths: months })}
            problem={problemOf(issues, 'swarmMonths')}
          />
        )}
        <Check
          name="Brood disease is suspected here"
          hint="Nothing is lent from here then, nor frames nor cells given. Ask your bee inspector; in many places you have to report it."
          value={diseaseSuspectedSince !== null}
          onChange={(isSo) => set({ diseaseSuspectedSince: isSo ? today : null })}
        />
        {diseaseSuspectedSince !== null && (
          <Field name="Suspected since" problem={problemOf(issues, 'diseaseSuspectedSince')}>
            {(props) => (
              <DayField
                {...props}
                value={diseaseSuspectedSince}
                onChange={(value) => set({ diseaseSuspectedSince: value || today })}
              />
            )}
          </Field>
        )}
        <Button type="submit" kind="act" className="mt-5" disabled={isSaving}>
          {isNew ? 'Add it' : 'Save'}
        </Button>
      </form>
    </>
  );
}
