'use client';

import { COLONY_ORIGINS, QUEEN_WANTED } from '../../core/colony/facts';
import { firstDayOf } from '../../core/colony/known-since';
import type { ApiaryEntry, ColonyEntry, NamedColony } from '../../views/all-apiaries';
import { ORIGIN_WORDS, WANTED_WORDS } from '../../words/choices';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { DayField } from '../controls/DayField';
import { Field, problemOf } from '../controls/Field';
import { IssueList } from '../entry/IssueList';
import { PageHead } from '../time/PageHead';
import { ApiaryField } from './ApiaryField';
import { DeleteColony } from './DeleteColony';

import { useEntryForm } from './useEntryForm';

interface Props {
  readonly colony: ColonyEntry;
  readonly isNew: boolean;
  readonly apiaries: readonly ApiaryEntry[];
  /** Colonies that it may have come from. */
  readonly others: readonly NamedColony[];
  readonly today: string;
  /** What is done with a swarm that was taken. */
  readonly swarmSteps: readonly string[];
}

/** Adds a colony or corrects what is written of it. */
export function ColonyForm({ colony, isNew, apiaries, others, today, swarmSteps }: Props) {
  const isMovedTo = ({ name, apiaryId, stand }: ColonyEntry) =>
    !isNew && (name !== colony.name || apiaryId !== colony.apiaryId || stand !== colony.stand);
  const form = useEntryForm<ColonyEntry & { readonly since: string; readonly isUnderWay: boolean }>({
    values: { ...colony, since: today, isUnderWay: false },
    path: '/api/colonies',
    schema: () => import('../../core/facts/colony').then(({ colonyEntry }) => colonyEntry),
    body: ({ isUnderWay: _, since: on, ...entry }) => ({ ...entry, since: isMovedTo(entry) ? on : null }),
    goTo: ({ isUnderWay: begun }) => (begun ? `/colonies/${colony.id}/begun` : `/colonies/${colony.id}`),
  });
  const { register, set, issues, tries, isSaving, submit } = form;
  const { since, isUnderWay, ...draft } = form.values;
  const isSwarm = draft.origin === 'prime-swarm' || draft.origin === 'cast';
  return (
    <>
      <PageHead title={isNew ? 'Add a colony' : `Edit ${colony.name}`} />
      <form noValidate className="max-w-xl" onSubmit={(event) => void submit(event)}>
        <IssueList issues={issues} tries={tries} />
        <Field name="Name" problem={problemOf(issues, 'name')}>
          {(props) => <input {...props} {...register('name')} />}
        </Field>
        <ApiaryField
          name="Apiary"
          apiaries={apiaries}
          value={draft.apiaryId}
          issues={issues}
          onChange={(apiaryId) => set({ apiaryId })}
        />
        <Field name="Stand" hint="Where it stands, in your words." problem={problemOf(issues, 'stand')}>
          {(props) => <input {...props} {...register('stand')} />}
        </Field>
        {isMovedTo(draft) && (
          <Field
            name="Moved or renamed on"
            hint="Its name and place of before stay on its page, up to that day."
            problem={problemOf(issues, 'since')}
          >
            {(props) => (
              <DayField
                {...props}
                min={firstDayOf(colony) ?? undefined}
                max={today}
                value={since}
                onChange={(value) => set({ since: value })}
              />
            )}
          </Field>
        )}
        <Field name="How it began" problem={problemOf(issues, 'origin')}>
          {(props) => (
            <select {...props} {...register('origin')}>
              {COLONY_ORIGINS.map((origin) => (
                <option key={origin} value={origin}>
                  {ORIGIN_WORDS[origin]}
                </option>
              ))}
            </select>
          )}
        </Field>
        {isSwarm && (
          <div role="note" className="mt-3 border-l-4 border-propolis pl-3 text-sm">
            <ul>
              {swarmSteps.map((step) => (
                <li key={step}>{step}</li>
              ))}
              <li>
                {draft.origin === 'cast'
                  ? 'A cast has a virgin: leave it shut for two weeks, then look for eggs.'
                  : 'Look for eggs after three to seven days.'}
              </li>
              <li>Whose swarm it is, and whether you may take it, local law decides.</li>
            </ul>
          </div>
        )}
        <Field
          name="Came from"
          hint={isSwarm ? 'Then that colony is dated as one that has swarmed, from this swarm’s first day.' : undefined}
          problem={problemOf(issues, 'parentColonyId')}
        >
          {(props) => (
            <select
              {...props}
              value={draft.parentColonyId ?? ''}
              onChange={(event) => set({ parentColonyId: event.target.value === '' ? null : event.target.value })}
            >
              <option value="">no colony of yours</option>
              {others.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field
          name="First day in your records"
          hint={
            firstDayOf(draft) === null
              ? 'An earlier entry widens it by itself.'
              : 'Nothing can have happened in it before.'
          }
          problem={problemOf(issues, 'startedOn')}
        >
          {(props) => (
            <DayField {...props} max={today} value={draft.startedOn} onChange={(value) => set({ startedOn: value })} />
          )}
        </Field>
        {!isNew && (
          <Field
            name="Last day"
            hint="Only when it has died, was united or given away."
            problem={problemOf(issues, 'endedOn')}
          >
            {(props) => (
              <DayField
                {...props}
                value={draft.endedOn ?? ''}
                onChange={(value) => set({ endedOn: value === '' ? null : value })}
              />
            )}
          </Field>
        )}
        <Field
          name="Wanted for it"
          hint="It is named before cells are broken down elsewhere."
          problem={problemOf(issues, 'wanted')}
        >
          {(props) => (
            <select {...props} {...register('wanted')}>
              {QUEEN_WANTED.map((wanted) => (
                <option key={wanted} value={wanted}>
                  {WANTED_WORDS[wanted]}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field name="Note" problem={problemOf(issues, 'note')}>
          {(props) => <textarea {...props} rows={3} {...register('note')} />}
        </Field>
        {isNew && (
          <Check
            name="A method is under way in it"
            hint="A split, a Demaree, … begun before it was entered here: it is asked for next."
            value={isUnderWay}
            onChange={(is) => set({ isUnderWay: is })}
          />
        )}
        <Button type="submit" kind="act" className="mt-5" disabled={isSaving}>
          {isNew ? 'Add it' : 'Save'}
        </Button>
        {!isNew && <DeleteColony id={colony.id} name={colony.name} />}
      </form>
    </>
  );
}
