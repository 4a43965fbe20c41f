'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { QUEEN_EVENTS, type QueenEventKind, SWARM_WENT, type SwarmWent } from '../../core/colony/facts';
import { markColour } from '../../core/queens/mark-colour';
import type { QueenChoice, QueenLine } from '../../views/colony-records';
import { QUEEN_EVENT_WORDS, SWARM_WENT_WORDS } from '../../words/queen-events';
import { QUEEN_ORIGIN_NAMES } from '../../words/queens';
import { Button } from '../controls/Button';
import { DayField } from '../controls/DayField';
import { DaySpan } from '../controls/DaySpan';
import { Field, problemOf } from '../controls/Field';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { PageHead } from '../time/PageHead';
import { useEntryForm } from './useEntryForm';

const NEW = 'new';

interface Props {
  readonly colonyId: string;
  readonly colonyName: string;
  readonly known: readonly QueenChoice[];
  readonly today: string;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly now: string;
  /** What is corrected; null: something new is noted. */
  readonly corrects: QueenLine | null;
  /** What the form begins with, where it was asked for; null: the usual. */
  readonly begins?: QueenEventKind | null;
}

/** What stands in the fields. */
interface Fields {
  readonly kind: QueenEventKind;
  /** Its id, or {@link NEW}. */
  readonly queen: string;
  readonly origin: keyof typeof QUEEN_ORIGIN_NAMES;
  /** Days, empty where they are not known. */
  readonly emergedFrom: string;
  readonly emergedTo: string;
  readonly on: string;
  readonly to: string;
  readonly went: SwarmWent;
  readonly note: string;
}

const isSwarm = (kind: QueenEventKind) => kind === 'swarmed' || kind === 'cast-left';

/** Notes what happened to a queen: one that is known, or one new to the records; or corrects what was noted. */
export function QueenForm({ colonyId, colonyName, known, today, now, corrects, begins = null }: Props) {
  const [ids] = useState(() => ({ event: corrects?.id ?? newId(), queen: newId() }));
  const thisMinute = useThisMinute(now);
  const minuteOn = (on: string) => {
    if (corrects && corrects.on === on) return corrects.at;
    const minute = thisMinute();
    return minute.slice(0, 10) === on ? minute : null;
  };
  const { values, register, set, issues, tries, isSaving, submit } = useEntryForm<Fields>({
    values: {
      kind: corrects?.kind ?? begins ?? (known.length > 0 ? 'removed' : 'present'),
      queen: corrects?.queenId ?? known[0]?.id ?? NEW,
      origin: 'unknown',
      emergedFrom: '',
      emergedTo: '',
      on: corrects?.on ?? today,
      to: corrects?.to ?? '',
      went: corrects?.went ?? 'not-known',
      note: corrects?.note ?? '',
    },
    path: '/api/queen-events',
    schema: () => import('../../core/facts/queen').then(({ queenEntry }) => queenEntry),
    body: ({ kind, queen, origin, emergedFrom, emergedTo, on, to, went, note }) => ({
      event: {
        id: ids.event,
        queenId: queen === NEW ? ids.queen : queen,
        colonyId,
        at: minuteOn(on),
        on,
        to: to === '' || to === on ? null : to,
        kind,
        went: isSwarm(kind) ? went : null,
        hivedAsId: isSwarm(kind) ? (corrects?.hivedAsId ?? null) : null,
        note,
      },
      newQueen:
        queen === NEW
          ? {
              id: ids.queen,
              motherQueenId: null,
              origin,
              emergedFrom: emergedFrom || null,
              emergedTo: emergedTo || emergedFrom || null,
              note: '',
            }
          : null,
    }),
    goTo: () => `/colonies/${colonyId}`,
  });
  const { kind, queen, emergedFrom, emergedTo, on, to } = values;
  const isNew = queen === NEW;
  const year = Number((emergedTo || emergedFrom).slice(0, 4));
  return (
    <>
      <PageHead title={corrects ? `Correct what happened in ${colonyName}` : `The queen of ${colonyName}`} />
      <form noValidate className="max-w-xl" onSubmit={(event) => void submit(event)}>
        <IssueList issues={issues} tries={tries} />
        <Field name="What happened" problem={problemOf(issues, 'kind')}>
          {(props) => (
            <select {...props} {...register('kind')}>
              {QUEEN_EVENTS.map((event) => (
                <option key={event} value={event}>
                  {QUEEN_EVENT_WORDS[event]}
                </option>
              ))}
            </select>
          )}
        </Field>
        {isSwarm(kind) && (
          <Field
            name="Where it went"
            hint="A swarm that you hive yourself is added under Colonies, with the colony that it came from."
            problem={problemOf(issues, 'went')}
          >
            {(props) => (
              <select {...props} {...register('went')}>
                {SWARM_WENT.map((value) => (
                  <option key={value} value={value}>
                    {SWARM_WENT_WORDS[value]}
                  </option>
                ))}
              </select>
            )}
          </Field>
        )}
        <Field name="Which queen" problem={problemOf(issues, 'queenId')}>
          {(props) => (
            <select {...props} {...register('queen')}>
              {known.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
              <option value={NEW}>one not in your records yet</option>
            </select>
          )}
        </Field>
        {isNew && (
          <fieldset className="border-l-4 border-line pl-4">
            <Field name="Where she is from" problem={problemOf(issues, 'origin')}>
              {(props) => (
                <select {...props} {...register('origin')}>
                  {Object.entries(QUEEN_ORIGIN_NAMES).map(([value, words]) => (
                    <option key={value} value={value}>
                      {words}
                    </option>
                  ))}
                </select>
              )}
            </Field>
            <Field
              name="Emerged, from"
              hint={
                year > 0
                  ? `A queen of ${year} is marked ${markColour(year)}.`
                  : 'The first day on which she may have emerged; leave empty if not known.'
              }
              problem={problemOf(issues, 'emergedFrom')}
            >
              {(props) => <DayField {...props} value={emergedFrom} onChange={(value) => set({ emergedFrom: value })} />}
            </Field>
            <Field name="Emerged, by" problem={problemOf(issues, 'emergedTo')}>
              {(props) => <DayField {...props} value={emergedTo} onChange={(value) => set({ emergedTo: value })} />}
            </Field>
          </fieldset>
        )}
        <DaySpan name="Day" on={on} to={to} latest={today} issues={issues} onChange={set} />
        <Field name="Note" problem={problemOf(issues, 'note')}>
          {(props) => <input {...props} {...register('note')} />}
        </Field>
        <Button type="submit" kind="act" className="mt-5" disabled={isSaving}>
          {corrects ? 'Save the correction' : 'Note it'}
        </Button>
      </form>
    </>
  );
}
