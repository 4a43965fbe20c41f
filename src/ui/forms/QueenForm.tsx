'use client';

import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { QUEEN_EVENTS, type QueenEventKind, SWARM_WENT, type SwarmWent } from '../../core/colony/facts';
import { markColour } from '../../core/queens/mark-colour';
import type { QueenChoice, QueenLine } from '../../views/colony-records';
import { QUEEN_EVENT_WORDS, SWARM_WENT_WORDS } from '../../words/queen-events';
import { DayField } from '../controls/DayField';
import { DaySpan } from '../controls/DaySpan';
import { Field, problemOf } from '../controls/Field';
import { BUTTON } from '../controls/styles';
import { useSave } from '../controls/useSave';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { PageHead } from '../time/PageHead';

const NEW = 'new';
const ORIGINS = { raised: 'raised here', bought: 'bought', swarm: 'came with a swarm', unknown: 'not known' } as const;

interface Props {
  readonly colonyId: string;
  readonly colonyName: string;
  readonly known: readonly QueenChoice[];
  readonly today: string;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly now: string;
  /** What is corrected; null: something new is noted. */
  readonly corrects: QueenLine | null;
}

const isSwarm = (kind: QueenEventKind) => kind === 'swarmed' || kind === 'cast-left';

/** Notes what happened to a queen: one that is known, or one new to the records; or corrects what was noted. */
export function QueenForm({ colonyId, colonyName, known, today, now, corrects }: Props) {
  const [ids] = useState(() => ({ event: corrects?.id ?? newId(), queen: newId() }));
  const [kind, setKind] = useState<QueenEventKind>(corrects?.kind ?? (known.length > 0 ? 'removed' : 'present'));
  const [queen, setQueen] = useState(corrects?.queenId ?? known[0]?.id ?? NEW);
  const [origin, setOrigin] = useState<keyof typeof ORIGINS>('unknown');
  const [emergedFrom, setEmergedFrom] = useState('');
  const [emergedTo, setEmergedTo] = useState('');
  const [on, setOn] = useState(corrects?.on ?? today);
  const [to, setTo] = useState(corrects?.to ?? '');
  const [went, setWent] = useState<SwarmWent>(corrects?.went ?? 'not-known');
  const [note, setNote] = useState(corrects?.note ?? '');
  const { issues, isSaving, save } = useSave('/api/queen-events');
  const thisMinute = useThisMinute(now);
  const isNew = queen === NEW;
  const year = Number((emergedTo || emergedFrom).slice(0, 4));
  const minuteOf = () => {
    if (corrects && corrects.on === on) return corrects.at;
    const minute = thisMinute();
    return minute.slice(0, 10) === on ? minute : null;
  };
  const submit = () => {
    const event = {
      id: ids.event,
      queenId: isNew ? ids.queen : queen,
      colonyId,
      at: minuteOf(),
      on,
      to: to === '' || to === on ? null : to,
      kind,
      went: isSwarm(kind) ? went : null,
      hivedAsId: isSwarm(kind) ? (corrects?.hivedAsId ?? null) : null,
      note,
    };
    const newQueen = isNew
      ? {
          id: ids.queen,
          motherQueenId: null,
          origin,
          emergedFrom: emergedFrom || null,
          emergedTo: emergedTo || emergedFrom || null,
          note: '',
        }
      : null;
    void save({ event, newQueen }, `/colonies/${colonyId}`);
  };
  return (
    <>
      <PageHead title={corrects ? `Correct what happened in ${colonyName}` : `The queen of ${colonyName}`} />
      <form
        noValidate
        className="max-w-xl"
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <IssueList issues={issues} />
        <Field name="What happened" problem={problemOf(issues, 'kind')}>
          {(props) => (
            <select {...props} value={kind} onChange={(event) => setKind(event.target.value as QueenEventKind)}>
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
              <select {...props} value={went} onChange={(event) => setWent(event.target.value as SwarmWent)}>
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
            <select {...props} value={queen} onChange={(event) => setQueen(event.target.value)}>
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
                <select
                  {...props}
                  value={origin}
                  onChange={(event) => setOrigin(event.target.value as keyof typeof ORIGINS)}
                >
                  {Object.entries(ORIGINS).map(([value, words]) => (
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
              {(props) => <DayField {...props} value={emergedFrom} onChange={(value) => setEmergedFrom(value)} />}
            </Field>
            <Field name="Emerged, by" problem={problemOf(issues, 'emergedTo')}>
              {(props) => <DayField {...props} value={emergedTo} onChange={(value) => setEmergedTo(value)} />}
            </Field>
          </fieldset>
        )}
        <DaySpan
          name="Day"
          on={on}
          to={to}
          latest={today}
          issues={issues}
          onChange={(days) => {
            if (days.on !== undefined) setOn(days.on);
            if (days.to !== undefined) setTo(days.to);
          }}
        />
        <Field name="Note" problem={problemOf(issues, 'note')}>
          {(props) => <input {...props} value={note} onChange={(event) => setNote(event.target.value)} />}
        </Field>
        <button type="submit" className={`${BUTTON.act} mt-5`} disabled={isSaving}>
          {corrects ? 'Save the correction' : 'Note it'}
        </button>
      </form>
    </>
  );
}
