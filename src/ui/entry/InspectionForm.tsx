'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { dayOfMinute, formatDay, parseDay } from '../../core/calendar/day';
import { checkEntry } from '../../core/colony/check-entry';
import type { ColonyFacts } from '../../core/colony/facts';
import { factsWith } from '../../core/colony/facts-with';
import { foldColony } from '../../core/colony/fold';
import { mayStillHoldQueen } from '../../core/colony/track-cells';
import type { InspectionEntry } from '../../core/facts/entry';
import { LIMITS } from '../../core/facts/limits';
import type { Looked } from '../../core/inspections/looked';
import { THOROUGHNESS, THOROUGHNESS_WORDS, type Thoroughness } from '../../core/inspections/thoroughness';
import type { Issue } from '../../core/problems/issue';
import type { Settings } from '../../core/settings/settings';
import { colonyView } from '../../views/colony-view';
import { Choice } from '../controls/Choice';
import { BUTTON, FIELD } from '../controls/styles';
import { send } from '../http/send';
import { axisAround } from '../time/axis';
import { TimeStrip } from '../time/TimeStrip';
import { type Draft, draftOf, emptyDraft, entryOf, factsBefore } from './draft';
import { IssueList } from './IssueList';
import { KnownCells } from './KnownCells';
import { LOOKED_OPTIONS } from './looked-options';
import { MoreSeen, Problem } from './MoreSeen';
import { NewCells } from './NewCells';
import { useDraft } from './useDraft';
import { Verdict } from './Verdict';

interface Props {
  readonly colonyId: string;
  readonly colonyName: string;
  readonly apiaryName: string;
  readonly facts: ColonyFacts;
  readonly settings: Settings;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly now: string;
  /** The time that a new inspection begins with. */
  readonly startAt: string;
  readonly newId: string;
  /** The entry to be corrected; null for a new one. */
  readonly stored: InspectionEntry | null;
}

const NO_LATEST_MINUTE = '9999-12-31T23:59';
const TIME = /^([01]\d|2[0-3]):[0-5]\d$/;

/** What of a draft is plainly missing or too much, before it is held against what is known of the colony. */
function draftIssues(draft: Draft): Issue[] {
  const issues: Issue[] = [];
  if (parseDay(draft.at.slice(0, 10)) === null || !TIME.test(draft.at.slice(11))) {
    issues.push({ path: ['at'], code: 'not-a-date', message: 'Give a day and a time that exist.' });
  }
  if (draft.thoroughness === null) {
    issues.push({
      path: ['thoroughness'],
      code: 'missing',
      message: 'Say how well you looked: the next date hangs on it.',
    });
  }
  if (draft.note.length > LIMITS.note) {
    const message = `The note is ${draft.note.length} characters long; at most ${LIMITS.note} are taken. Shorten it.`;
    issues.push({ path: ['note'], code: 'too-long', message });
  }
  const room = draft.layingRoomDays;
  if (room !== null && !(Number.isInteger(room) && room >= 0 && room <= LIMITS.layingRoomDays)) {
    const message = `Give whole days from 0 to ${LIMITS.layingRoomDays}, or leave it empty.`;
    issues.push({ path: ['layingRoomDays'], code: 'out-of-range', message });
  }
  return issues;
}

/** Enter an inspection: taps only, in any order, with the reading building up as it goes. */
export function InspectionForm({
  colonyId,
  colonyName,
  apiaryName,
  facts,
  settings,
  now,
  startAt,
  newId,
  stored,
}: Props) {
  const router = useRouter();
  const { draft, change, undo } = useDraft(stored ? draftOf(stored) : emptyDraft(newId, colonyId, startAt));
  const [issues, setIssues] = useState<readonly Issue[]>([]);
  const [isSaving, setSaving] = useState(false);

  const today = dayOfMinute(now);
  const on = parseDay(draft.at.slice(0, 10)) ?? today;
  const { state, known } = useMemo(() => {
    const minute = `${formatDay(on)}T${draft.at.slice(11)}`;
    const before = foldColony(factsBefore(facts, { id: draft.id, at: minute }), settings, on);
    const standing = before.cells.filter(
      (cell) => mayStillHoldQueen(cell, on) || (cell.planBy.status === 'dry' && !cell.goneMissing),
    );
    const byId = new Map(before.cells.map((cell) => [cell.cell.id, cell]));
    const standingIds = new Set(standing.map(({ cell }) => cell.id));
    const named = facts.cells.filter(({ id }) => id in draft.known && !standingIds.has(id));
    const entry = entryOf({ ...draft, at: minute }, draft.thoroughness ?? 'tip-up');
    return {
      state: foldColony(factsWith(factsBefore(facts, { id: draft.id, at: minute }), entry), settings, on),
      known: [
        ...standing.map((last) => ({ cell: last.cell, last })),
        ...named.map((cell) => ({ cell, last: byId.get(cell.id) ?? null })),
      ],
    };
  }, [facts, settings, draft, on]);

  const problemAt = (field: string) =>
    issues
      .filter(({ path }) => path[0] === field)
      .map(({ message }) => message)
      .join(' ') || null;
  const set = (fields: Partial<Draft>) => change({ type: 'set', fields });

  const save = async () => {
    const missing = draftIssues(draft);
    const { thoroughness } = draft;
    if (missing.length > 0 || thoroughness === null) return setIssues(missing);
    const entry = entryOf(draft, thoroughness);
    // Whether it lies in the future the server tells: this page may have been open for hours.
    const contradictions = checkEntry(entry, facts, NO_LATEST_MINUTE);
    if (contradictions.length > 0) return setIssues(contradictions);
    setSaving(true);
    const sent = await send<{ id: string }>('/api/inspections', entry);
    setSaving(false);
    if (!sent.ok) return setIssues(sent.issues);
    setIssues([]);
    router.push(`/colonies/${colonyId}`);
    router.refresh();
  };

  const buttons = (
    <div className="mt-2 grid grid-cols-[auto_1fr] gap-2">
      <button type="button" className={`${BUTTON.plain} min-h-12`} disabled={!undo} onClick={() => undo?.()}>
        Undo
      </button>
      <button type="submit" className={`${BUTTON.strong} min-h-12`} disabled={isSaving}>
        {isSaving ? 'Saving …' : stored ? 'Save the correction' : 'Save the inspection'}
      </button>
    </div>
  );

  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
      className="grid gap-x-10 wide:grid-cols-[minmax(0,34rem)_minmax(0,1fr)]"
    >
      <div className="pb-44 wide:pb-0">
        <h1 className="mt-3 text-2xl">
          {colonyName} <span className="text-muted text-base font-normal">{apiaryName}</span>
        </h1>
        <p className="text-muted text-sm">
          {stored ? 'Correcting an entry. What it said before is kept.' : 'What did you see?'}
        </p>
        <IssueList issues={issues} />
        <KnownCells cells={known} draft={draft} on={on} change={change} />
        <NewCells draft={draft} change={change} title={known.length > 0 ? 'New cups and cells' : 'Cups and cells'} />
        <Problem text={problemAt('cells')} />
        <Choice<Looked> legend="Eggs?" options={LOOKED_OPTIONS} value={draft.eggs} onChange={(eggs) => set({ eggs })} />
        <Choice<Looked>
          legend="Queen?"
          options={LOOKED_OPTIONS}
          value={draft.queen}
          onChange={(queen) => set({ queen })}
        />
        <Choice<Thoroughness>
          legend="How well did you look for cells?"
          stacked
          options={THOROUGHNESS.map((value) => ({
            value,
            name: THOROUGHNESS_WORDS[value].name,
            hint: THOROUGHNESS_WORDS[value].means,
          }))}
          value={draft.thoroughness}
          onChange={(thoroughness) => set({ thoroughness })}
          problem={problemAt('thoroughness')}
        />
        <div className="mt-4 grid grid-cols-2 gap-2">
          <label>
            <span className="font-display text-lg font-bold">Day</span>
            <input
              type="date"
              className={FIELD}
              value={draft.at.slice(0, 10)}
              max={formatDay(today)}
              onChange={(event) => set({ at: `${event.target.value}T${draft.at.slice(11)}` })}
            />
          </label>
          <label>
            <span className="font-display text-lg font-bold">Time</span>
            <input
              type="time"
              className={FIELD}
              value={draft.at.slice(11)}
              onChange={(event) => set({ at: `${draft.at.slice(0, 10)}T${event.target.value}` })}
            />
          </label>
          <span className="col-span-2">
            <Problem text={problemAt('at')} />
          </span>
        </div>
        <details className="mt-5 border-y border-line py-2" open={stored !== null}>
          <summary className="font-display cursor-pointer py-2 text-lg font-bold">More that you saw</summary>
          <MoreSeen draft={draft} change={change} problemAt={problemAt} />
        </details>
        <label className="mt-4 block">
          <span className="font-display text-lg font-bold">Note</span>
          <textarea
            className={FIELD}
            rows={3}
            value={draft.note}
            onChange={(event) => set({ note: event.target.value })}
          />
          <Problem text={problemAt('note')} />
        </label>
      </div>
      <aside aria-label="What it means">
        <div className="sticky top-4 mt-4 hidden border-l-4 border-willow pl-6 wide:block">
          <Verdict state={state} today={today} short={false} />
          <LiveCells state={state} />
          {buttons}
        </div>
        <div className="fixed inset-x-0 bottom-0 z-10 border-t-4 border-willow bg-ground px-4 pt-2 pb-3 wide:hidden">
          <Verdict state={state} today={today} short />
          {buttons}
        </div>
      </aside>
    </form>
  );
}

/** The dates of the cells as entered so far, under the days around the inspection. */
function LiveCells({ state }: { state: ReturnType<typeof foldColony> }) {
  const axis = axisAround(state.today);
  const rows = colonyView(state)
    .cells.filter(({ isOver, marks }) => !isOver && marks.length > 0)
    .slice(0, 8);
  if (rows.length === 0) return null;
  return (
    <ul className="mt-4">
      {rows.map(({ id, label, stage, laid, marks }) => (
        <li key={id} className="border-t border-line">
          <p className="flex justify-between text-sm">
            <b>{`${label === 'new' ? '' : `${label} `}${stage}`}</b>
            <span className="text-muted">{laid}</span>
          </p>
          <TimeStrip axis={axis} marks={marks} name={`Cell ${label}`} />
        </li>
      ))}
    </ul>
  );
}
