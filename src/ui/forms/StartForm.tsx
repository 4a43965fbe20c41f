'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { Day } from '../../core/calendar/day';
import { NORTHERN_SWARM_MONTHS } from '../../core/settings/settings';
import type { SwarmMonths } from '../../core/year/place-year';
import { Button, ButtonLink } from '../controls/Button';
import { Field, problemOf } from '../controls/Field';
import { MonthsChoice } from '../controls/MonthsChoice';
import { IssueList } from '../entry/IssueList';
import { KnownSince, type Since, sinceDay } from './KnownSince';
import { useEntryForm } from './useEntryForm';

/** What stands in the fields. */
interface Fields {
  readonly apiaryName: string;
  readonly colonyName: string;
  readonly swarmMonths: SwarmMonths;
  readonly how: Since;
  /** The day named, where it is one; else empty. */
  readonly on: string;
}

/** The first run: four questions, or a spreadsheet or season file from before. */
export function StartForm({ today }: { today: Day }) {
  const [ids] = useState(() => ({ apiaryId: newId(), colonyId: newId() }));
  const { values, register, set, issues, tries, isSaving, submit } = useEntryForm<Fields>({
    values: { apiaryName: '', colonyName: '', swarmMonths: NORTHERN_SWARM_MONTHS, how: 'spring', on: '' },
    path: '/api/start',
    schema: () => import('../../core/facts/first-run').then(({ startEntry }) => startEntry),
    body: ({ how: since, on: day, ...entry }) => ({
      ...ids,
      ...entry,
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      knownSince: sinceDay(since, day, today, entry.swarmMonths),
    }),
    goTo: () => `/colonies/${ids.colonyId}`,
  });
  const { swarmMonths, how, on } = values;
  return (
    <form noValidate className="max-w-xl" onSubmit={(event) => void submit(event)}>
      <h1 className="mt-8 text-3xl">Where are your bees?</h1>
      <p className="text-muted mt-1">
        Four questions, and you can enter the first inspection. Everything can be changed later.
      </p>
      <IssueList issues={issues} tries={tries} />
      <Field name="Apiary" hint="What you call the place." problem={problemOf(issues, 'apiaryName')}>
        {(props) => <input {...props} {...register('apiaryName')} />}
      </Field>
      <Field
        name="First colony"
        hint="A name or a number; it keeps it for life."
        problem={problemOf(issues, 'colonyName')}
      >
        {(props) => <input {...props} {...register('colonyName')} />}
      </Field>
      <MonthsChoice
        legend="When do swarms come where you are?"
        hint="Tap every month in which they may. It sets how often you are asked to inspect."
        value={swarmMonths}
        onChange={(months) => set({ swarmMonths: months })}
        problem={problemOf(issues, 'swarmMonths')}
      />
      <KnownSince
        today={today}
        swarmMonths={swarmMonths}
        since={how}
        on={on}
        issues={issues}
        onChange={(since, day) => set({ how: since, on: day })}
      />
      <div className="mt-6 flex flex-wrap items-center gap-4">
        <Button type="submit" kind="act" disabled={isSaving}>
          Begin
        </Button>
        <ButtonLink href="/data/bring-in" kind="quiet">
          Bring in a spreadsheet
        </ButtonLink>
        <ButtonLink href="/data" kind="quiet">
          Bring in a season file
        </ButtonLink>
        <ButtonLink href="/cell-clock" kind="quiet">
          Only date a cell
        </ButtonLink>
      </div>
      <p className="text-muted mt-8 text-sm">
        Carry what your doctor prescribed, and never open hives alone if you are allergic to stings. Just looking
        around? Stop this and run <code>npm run demo</code>.
      </p>
    </form>
  );
}
