'use client';

import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { type Day, formatDay } from '../../core/calendar/day';
import { COLONY_ORIGINS, type ColonyOrigin } from '../../core/colony/facts';
import type { ColonyFact } from '../../core/facts/colony';
import { springOf } from '../../core/year/beekeeping-year';
import { placeYear, type SwarmMonths } from '../../core/year/place-year';
import type { ApiaryEntry } from '../../views/all-apiaries';
import { ORIGIN_WORDS } from '../../words/choices';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { FIELD } from '../controls/styles';
import { IssueList } from '../entry/IssueList';
import { PageHead } from '../time/PageHead';
import { ApiaryField } from './ApiaryField';
import { useEntryForm } from './useEntryForm';

interface Row {
  readonly id: string;
  readonly name: string;
  readonly stand: string;
  readonly origin: ColonyOrigin;
  /** Empty for an established one: it is noted from this spring. */
  readonly startedOn: string;
}

const emptyRow = (): Row => ({ id: newId(), name: '', stand: '', origin: 'established', startedOn: '' });

/** As many as most have when they begin. */
const ROWS_AT_FIRST = 4;

interface Props {
  readonly apiaryId: string;
  readonly apiaries: readonly ApiaryEntry[];
  readonly today: Day;
  readonly swarmMonths: SwarmMonths;
}

/** What stands in the fields. */
interface Fields {
  readonly apiaryId: string;
  readonly rows: readonly Row[];
}

const isNamed = ({ name }: Row) => name.trim() !== '';

/** The hives that are to be added: a line without a name is none. */
const coloniesOf = ({ apiaryId, rows }: Fields, spring: string): readonly ColonyFact[] =>
  rows.filter(isNamed).map(({ id, name, stand, origin, startedOn }) => {
    const common = { id, apiaryId, name: name.trim(), stand, origin, parentColonyId: null, endedOn: null, note: '' };
    return { ...common, startedOn: origin === 'established' ? spring : startedOn, wanted: 'nothing' };
  });

/** Several hives in one go, a line for each; a line without a name is no hive. */
export function SeveralForm({ apiaryId: preset, apiaries, today, swarmMonths }: Props) {
  const [firstRows] = useState<readonly Row[]>(() => Array.from({ length: ROWS_AT_FIRST }, emptyRow));
  const spring = formatDay(springOf(today, placeYear(swarmMonths, null)));
  const { values, set, issues, tries, isSaving, submit } = useEntryForm<Fields>({
    values: { apiaryId: preset, rows: firstRows },
    path: '/api/colonies/several',
    schema: () => import('../../core/facts/several-colonies').then(({ severalColonies }) => severalColonies),
    body: (entry) => ({ colonies: coloniesOf(entry, spring) }),
    goTo: () => '/colonies',
  });
  const { apiaryId, rows } = values;
  const setRow = (id: string, fields: Partial<Row>) =>
    set({ rows: rows.map((row) => (row.id === id ? { ...row, ...fields } : row)) });
  const named = rows.filter(isNamed);
  const problemAt = (id: string, field: string) => {
    const at = named.findIndex((row) => row.id === id);
    return issues.filter(({ path }) => path[1] === at && path[2] === field).map(({ message }) => message);
  };
  return (
    <>
      <PageHead title="Add several hives" below="One line for each. What is under way in them is entered afterwards." />
      <form noValidate onSubmit={(event) => void submit(event)}>
        <IssueList issues={issues} tries={tries} />
        <div className="max-w-xl">
          <ApiaryField
            name="Apiary"
            apiaries={apiaries}
            value={apiaryId}
            issues={issues}
            onChange={(id) => set({ apiaryId: id })}
          />
        </div>
        <ul className="mt-4">
          {rows.map((row, i) => (
            <li
              key={row.id}
              className="grid grid-cols-[1fr_1fr_auto] gap-2 border-b border-line py-3 md:grid-cols-[10rem_10rem_1fr_13rem_auto] md:items-start md:py-2"
            >
              <Labelled name={`Hive ${i + 1}`} problems={problemAt(row.id, 'name')}>
                {(label) => (
                  <input
                    aria-label={label}
                    placeholder="name or number"
                    className={FIELD}
                    value={row.name}
                    onChange={(event) => setRow(row.id, { name: event.target.value })}
                  />
                )}
              </Labelled>
              <Labelled name={`Hive ${i + 1}, stand`} problems={problemAt(row.id, 'stand')}>
                {(label) => (
                  <input
                    aria-label={label}
                    placeholder="where it stands"
                    className={FIELD}
                    value={row.stand}
                    onChange={(event) => setRow(row.id, { stand: event.target.value })}
                  />
                )}
              </Labelled>
              <select
                aria-label={`Hive ${i + 1}, how it began`}
                className={`${FIELD} col-span-3 md:col-span-1`}
                value={row.origin}
                onChange={(event) => setRow(row.id, { origin: event.target.value as ColonyOrigin })}
              >
                {COLONY_ORIGINS.map((origin) => (
                  <option key={origin} value={origin}>
                    {ORIGIN_WORDS[origin]}
                  </option>
                ))}
              </select>
              {row.origin === 'established' ? (
                <span className="hidden md:inline" />
              ) : (
                <Labelled
                  name={`Hive ${i + 1}, made or hived on`}
                  problems={problemAt(row.id, 'startedOn')}
                  className="col-span-3 md:col-span-1"
                >
                  {(label) => (
                    <DayField
                      aria-label={label}
                      max={formatDay(today)}
                      value={row.startedOn}
                      onChange={(startedOn) => setRow(row.id, { startedOn })}
                    />
                  )}
                </Labelled>
              )}
              <Button
                kind="quiet"
                className="col-start-3 row-start-1 min-h-11 min-w-11 px-3 md:col-start-5"
                aria-label={`Leave hive ${i + 1} out`}
                onClick={() => set({ rows: rows.filter(({ id }) => id !== row.id) })}
              >
                <X aria-hidden="true" className="inline size-5" strokeWidth={3} />
              </Button>
            </li>
          ))}
        </ul>
        <div className="mt-4 flex flex-wrap items-center gap-3">
          <Button kind="plain" onClick={() => set({ rows: [...rows, emptyRow()] })}>
            <Plus aria-hidden="true" className="inline size-5" strokeWidth={3} /> One more
          </Button>
          <Button type="submit" kind="act" disabled={isSaving || named.length === 0}>
            {named.length === 1 ? 'Add one hive' : `Add ${named.length} hives`}
          </Button>
        </div>
      </form>
    </>
  );
}

function Labelled({
  name,
  problems,
  className = '',
  children,
}: {
  readonly name: string;
  readonly className?: string;
  readonly problems: readonly string[];
  readonly children: (label: string) => React.ReactNode;
}) {
  return (
    <div className={className}>
      {children(name)}
      {problems.length > 0 && (
        <p role="alert" className="text-propolis text-sm font-bold">
          {problems.join(' ')}
        </p>
      )}
    </div>
  );
}
