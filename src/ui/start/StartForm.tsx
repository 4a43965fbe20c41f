'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { day } from '../../core/calendar/day';
import type { ColonyFacts } from '../../core/colony/facts';
import { methodNamed } from '../../core/methods/methods';
import type { Plan } from '../../core/methods/plan';
import { movesFrames } from '../../core/space/proposals/propose';
import { send } from '../../device/send';
import type { ShortageLine } from '../../views/kit-view';
import { planPreview } from '../../views/plan-preview';
import type { StartView } from '../../views/start-view';
import { unionDays } from '../../views/union-view';
import type { IssueInWords } from '../../words/issues';
import { AskFirst } from '../controls/AskFirst';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { DaySpan } from '../controls/DaySpan';
import { Field, problemOf } from '../controls/Field';
import { IssueList } from '../entry/IssueList';
import { useThisMinute } from '../frame/useThisMinute';
import { Shortages } from '../kit/Shortages';
import { askHive } from '../reckon/hive-reckoner';
import { useReckoned } from '../reckon/useReckoned';
import { axisAhead } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { GiftField } from './GiftField';
import { PreviewPanel } from './PreviewPanel';
import { StartFields } from './StartFields';
import { choicesOf, emptyStart, type StartDraft, startsOf } from './start-draft';

interface Props {
  readonly view: StartView;
  /** Of the colony, from which the dates are reckoned. */
  readonly facts: ColonyFacts;
  readonly today: string;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly now: string;
  /** What of its kit does not lie where the colony stands. */
  readonly kit: readonly ShortageLine[];
  /** A cell to be given, chosen on another page. */
  readonly presetCell: string | null;
  /** It was begun on an earlier day, before it was entered. */
  readonly isBegun: boolean;
}

/** Start a method: the day, the cells, where the units go; every date that follows is shown before anything is stored. */
export function StartForm({ view, facts, today, now, kit, presetCell, isBegun }: Props) {
  const thisMinute = useThisMinute(now);
  const { colony, fit, words, cautions, others, firstDay, settings } = view;
  const method = methodNamed(view.method);
  const router = useRouter();
  const [draft, setDraft] = useState(() => emptyStart(view, isBegun ? '' : today, presetCell));
  const [issues, setIssues] = useState<readonly IssueInWords[]>([]);
  const [isSaving, setSaving] = useState(false);
  const [isAsking, setAsking] = useState(false);
  const set = (fields: Partial<StartDraft>) => setDraft({ ...draft, ...fields });
  const choices = useMemo(() => choicesOf(draft, view), [draft, view]);
  const ask = useMemo(
    () => (choices ? () => askHive((hive) => hive.previewOf(facts, view.method, choices, settings)) : null),
    [choices, facts, view.method, settings],
  );
  const plan = useReckoned<Plan | null>(ask, null);

  const axis = axisAhead(day(today), choices?.on ?? day(today));
  const union = others.find(({ id }) => id === draft.withColonyId);
  // What a nuc is made with may be all that the colony has.
  const isPast = isBegun || (draft.on !== '' && draft.on < today);
  // What was done is not weighed any more.
  const asksFirst = method.kind === 'increase' && fit.kind === 'does-not-fit' && !isPast;

  const start = async (isAsked = false) => {
    if (asksFirst && !isAsked) return setAsking(true);
    setSaving(true);
    const sent = await send('/api/starts', startsOf(draft, view, thisMinute()));
    if (!sent.ok) {
      setSaving(false);
      setIssues(sent.issues);
      return;
    }
    router.push(`/programmes/${draft.id}`);
    router.refresh();
  };

  return (
    <>
      <RulerHead
        axis={axis}
        colonyId={colony.id}
        title={isBegun ? `Begun already: ${words.title}` : words.title}
        below={colony.name}
      />
      <form
        noValidate
        className="grid wide:grid-cols-[var(--words)_minmax(0,1fr)]"
        onSubmit={(event) => {
          event.preventDefault();
          void start();
        }}
      >
        <div className="wide:pr-5">
          <p className="text-sm">{words.fitsWhen}</p>
          {isPast ? <CellsOfThen colonyId={colony.id} view={view} /> : <FitNote fit={fit} />}
          {movesFrames(view.method) && !isPast && (
            <p className="mt-2">
              <Link prefetch={false} href={`/colonies/${colony.id}/board/${view.method}`}>
                Which frame goes where?
              </Link>
            </p>
          )}
          <IssueList issues={issues} />
          <DaySpan
            name={isPast ? 'Day you did it' : 'Day you do it'}
            on={draft.on}
            to={draft.to}
            {...(firstDay === null ? {} : { earliest: firstDay })}
            latest={today}
            issues={issues}
            onChange={set}
          />
          {view.method === 'give-cell' && (
            <GiftField
              spare={view.spare}
              gift={draft.gift}
              onChange={(gift) => set({ gift: { ...draft.gift, ...gift } })}
              problem={problemOf(issues, 'gift')}
            />
          )}
          <StartFields view={view} draft={draft} issues={issues} onChange={set} />
          {others.length > 0 && (
            <Field name="United with" problem={problemOf(issues, 'withColonyId')}>
              {(props) => (
                <select
                  {...props}
                  value={draft.withColonyId}
                  onChange={(event) => set({ withColonyId: event.target.value })}
                >
                  <option value="">choose</option>
                  {others.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              )}
            </Field>
          )}
          {union?.both && (
            <p role="note" className="text-propolis mt-2 text-sm font-semibold">
              {union.both.why} {unionDays(choices?.on ?? day(today), day(today))}
              {union.both.goes && (
                <>
                  {' '}
                  <Link prefetch={false} href={`/colonies/${union.both.goes.id}/queen`}>
                    Enter that the queen of {union.both.goes.name} was taken out
                  </Link>
                </>
              )}
            </p>
          )}
          {isPast && (
            <Check
              name="All its steps are done"
              hint="What came of its checks since is entered on the next page."
              value={draft.stepsDone}
              onChange={(stepsDone) => set({ stepsDone })}
            />
          )}
          <Field name="Note" problem={problemOf(issues, 'note')}>
            {(props) => (
              <textarea
                {...props}
                rows={2}
                value={draft.note}
                onChange={(event) => set({ note: event.target.value })}
              />
            )}
          </Field>
          {!isPast && <Shortages title="Not there yet" lines={kit} />}
          <details className="mt-4">
            <summary className="cursor-pointer py-2 font-bold">What to bring, steps, cautions</summary>
            <p className="text-sm">
              <b>Bring:</b> {words.kit.join(', ')}.
            </p>
            <ol className="mt-1 list-decimal pl-5 text-sm">
              {words.steps.map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
            <ul className="border-propolis mt-2 border-l-4 pl-3 text-sm">
              {cautions.map((caution) => (
                <li key={caution}>{caution}</li>
              ))}
            </ul>
          </details>
          <Button type="submit" kind="act" className="mt-5" disabled={isSaving}>
            {isSaving ? 'Saving …' : isPast ? 'Enter it' : 'Start it'}
          </Button>
        </div>
        <AskFirst
          isOpen={isAsking}
          onClose={() => setAsking(false)}
          title={`Start anyway: ${words.title}?`}
          body={fit.kind === 'does-not-fit' ? fit.because : ''}
          yes="Start it all the same"
          no="Cancel"
          onYes={() => void start(true)}
        />
        <aside className="mt-4">
          {choices === null ? (
            <p>Choose a day to see the dates.</p>
          ) : plan === null ? (
            <p role="status">Working out the dates …</p>
          ) : (
            <PreviewPanel preview={planPreview(method, plan, choices, settings)} axis={axis} />
          )}
        </aside>
      </form>
    </>
  );
}

/** Dates hang on the cells that were kept: those of that day are entered first. */
function CellsOfThen({ colonyId, view }: { colonyId: string; view: StartView }) {
  if (!view.asksCells || view.cells.length > 0) return null;
  return (
    <p role="note" className="mt-2 border-l-4 border-indigo pl-3 text-sm">
      Was a cell left in it?{' '}
      <Link prefetch={false} href={`/colonies/${colonyId}/inspect`}>
        Enter the inspection of that day first, with its cells
      </Link>
      : when the young queen is out hangs on how old they were. Without one, the dates are of a queen raised from eggs.
    </p>
  );
}

function FitNote({ fit }: { fit: StartView['fit'] }) {
  const words =
    fit.kind === 'does-not-fit'
      ? [`It does not fit: ${fit.because}`]
      : fit.kind === 'would-fit'
        ? fit.missing.map(({ text }) => `Missing: ${text}`)
        : fit.warnings;
  if (words.length === 0) return null;
  return (
    <ul className="text-propolis mt-1 text-sm font-semibold">
      {words.map((text) => (
        <li key={text}>{text}</li>
      ))}
    </ul>
  );
}
