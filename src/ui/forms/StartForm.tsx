'use client';

import Link from 'next/link';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { Day } from '../../core/calendar/day';
import { NORTHERN_SWARM_MONTHS } from '../../core/settings/settings';
import { Field, problemOf } from '../controls/Field';
import { MonthsChoice } from '../controls/MonthsChoice';
import { BUTTON } from '../controls/styles';
import { useSave } from '../controls/useSave';
import { IssueList } from '../entry/IssueList';
import { KnownSince, type Since, sinceDay } from './KnownSince';

/** The first run: four questions, or a season file from before. */
export function StartForm({ today }: { today: Day }) {
  const [ids] = useState(() => ({ apiaryId: newId(), colonyId: newId() }));
  const [apiaryName, setApiaryName] = useState('');
  const [colonyName, setColonyName] = useState('');
  const [swarmMonths, setSwarmMonths] = useState(NORTHERN_SWARM_MONTHS);
  const [since, setSince] = useState<{ how: Since; on: string }>({ how: 'spring', on: '' });
  const { issues, isSaving, save } = useSave('/api/start');
  return (
    <form
      noValidate
      className="max-w-xl"
      onSubmit={(event) => {
        event.preventDefault();
        const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
        const knownSince = sinceDay(since.how, since.on, today, swarmMonths);
        void save({ ...ids, apiaryName, colonyName, swarmMonths, timeZone, knownSince }, `/colonies/${ids.colonyId}`);
      }}
    >
      <h1 className="mt-8 text-3xl">Where are your bees?</h1>
      <p className="text-muted mt-1">
        Four questions, and you can enter the first inspection. Everything can be changed later.
      </p>
      <IssueList issues={issues} />
      <Field name="Apiary" hint="What you call the place." problem={problemOf(issues, 'apiaryName')}>
        {(props) => <input {...props} value={apiaryName} onChange={(event) => setApiaryName(event.target.value)} />}
      </Field>
      <Field
        name="First colony"
        hint="A name or a number; it keeps it for life."
        problem={problemOf(issues, 'colonyName')}
      >
        {(props) => <input {...props} value={colonyName} onChange={(event) => setColonyName(event.target.value)} />}
      </Field>
      <MonthsChoice
        legend="When do swarms come where you are?"
        hint="Tap every month in which they may. It sets how often you are asked to inspect."
        value={swarmMonths}
        onChange={setSwarmMonths}
        problem={problemOf(issues, 'swarmMonths')}
      />
      <KnownSince
        today={today}
        swarmMonths={swarmMonths}
        since={since.how}
        on={since.on}
        issues={issues}
        onChange={(how, on) => setSince({ how, on })}
      />
      <div className="mt-6 flex flex-wrap items-center gap-4">
        <button type="submit" className={BUTTON.act} disabled={isSaving}>
          Begin
        </button>
        <Link href="/data" className={BUTTON.quiet}>
          Bring in a season file
        </Link>
        <Link href="/cell-clock" className={BUTTON.quiet}>
          Only date a cell
        </Link>
      </div>
      <p className="text-muted mt-8 text-sm">
        Carry what your doctor prescribed, and never open hives alone if you are allergic to stings. Just looking
        around? Stop this and run <code>npm run demo</code>.
      </p>
    </form>
  );
}
