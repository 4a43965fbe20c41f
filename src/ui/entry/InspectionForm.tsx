'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { dayOfMinute, formatDay, parseDay } from '../../core/calendar/day';
import { dayWords, rangeWords } from '../../core/calendar/words';
import { checkEntry } from '../../core/colony/check-entry';
import type { ColonyFacts } from '../../core/colony/facts';
import { factsWith } from '../../core/colony/facts-with';
import { foldColony } from '../../core/colony/fold';
import { mayStillHoldQueen } from '../../core/colony/track-cells';
import type { InspectionEntry } from '../../core/facts/entry';
import type { Looked } from '../../core/inspections/looked';
import { THOROUGHNESS, THOROUGHNESS_WORDS, type Thoroughness } from '../../core/inspections/thoroughness';
import type { Issue } from '../../core/problems/issue';
import { shutOn } from '../../core/schedule/leave-shut-wins';
import { takingDownPrice } from '../../core/schedule/taking-down';
import type { Settings } from '../../core/settings/settings';
import { type Draft, draftOf, emptyDraft, entryOf, factsBefore } from '../../device/draft';
import type { OutboxEntry } from '../../device/outbox-entry';
import { draftKey } from '../../device/stored-draft';
import type { NeedyColony } from '../../views/cells-view';
import { AskFirst } from '../controls/AskFirst';
import { Choice } from '../controls/Choice';
import { BUTTON, FIELD } from '../controls/styles';
import { PageHead } from '../time/PageHead';
import { DueHere } from './DueHere';
import { draftIssues } from './draft-issues';
import { IssueList } from './IssueList';
import { KnownCells } from './KnownCells';
import { LOOKED_OPTIONS } from './looked-options';
import { NewCells } from './NewCells';
import { NoteField } from './NoteField';
import { Problem } from './Problem';
import { TakenUp } from './TakenUp';
import { TakingDown } from './TakingDown';
import { useDraft } from './useDraft';
import { useIsWide } from './useIsWide';
import { useSaveEntry } from './useSaveEntry';
import { Verdict } from './Verdict';

// What is below the fold, or not on a phone, comes after the rest. All of it is kept for the hive.
const LiveCells = dynamic(() => import('./LiveCells').then((module) => module.LiveCells), { ssr: false });
const CorrectionMoves = dynamic(() => import('./CorrectionMoves').then((module) => module.CorrectionMoves), {
  ssr: false,
});
const MoreSeen = dynamic(() => import('./MoreSeen').then((module) => module.MoreSeen), { ssr: false });
const PhotoField = dynamic(() => import('./PhotoField').then((module) => module.PhotoField), { ssr: false });

interface Props {
  readonly colonyId: string;
  readonly colonyName: string;
  readonly placeName: string;
  readonly facts: ColonyFacts;
  readonly settings: Settings;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly now: string;
  /** The time that a new inspection begins with. */
  readonly startAt: string;
  readonly newId: string;
  /** Colonies that a cell would help. */
  readonly needy: readonly NeedyColony[];
  /** The entry to be corrected; null for a new one. */
  readonly stored: InspectionEntry | null;
  /** An entry that the server gave back; null for any other. */
  readonly refused?: OutboxEntry | null;
  /** Called once it is saved, and says whether the server has it. */
  readonly onSaved: (state: 'sent' | 'waiting') => void;
}

const NO_LATEST_MINUTE = '9999-12-31T23:59';

/** Enter an inspection: taps only, in any order, with the reading building up as it goes. */
export function InspectionForm({
  colonyId,
  colonyName,
  placeName,
  facts,
  settings,
  now,
  startAt,
  newId,
  needy,
  stored,
  refused = null,
  onSaved,
}: Props) {
  const key = draftKey(colonyId, refused?.id ?? stored?.id ?? null);
  const initial = refused?.draft ?? (stored ? draftOf(stored) : emptyDraft(newId, colonyId, startAt));
  const { draft, change, undo, takenUpFrom, beginAnew } = useDraft(initial, key);
  const saveEntry = useSaveEntry(key, colonyName);
  const [issues, setIssues] = useState<readonly Issue[]>(refused?.issues ?? []);
  const [isSaving, setSaving] = useState(false);
  const [isAsking, setAsking] = useState(false);
  const [isMore, setMore] = useState(stored !== null);
  const isWide = useIsWide();

  const today = dayOfMinute(now);
  const on = parseDay(draft.at.slice(0, 10)) ?? today;
  const { state, before, known } = useMemo(() => {
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
      before,
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

  const shut = shutOn(before.schedule.leaveShut, on);
  const price =
    before.queen.expected === 'laying' && !before.queen.presumedGone
      ? takingDownPrice(on, draft.thoroughness ?? 'bees-on', before.looks, before.parts)
      : null;
  const labelOf = (cellId: string) => facts.cells.find(({ id }) => id === cellId)?.label ?? 'new';
  const outOf = (cellId: string) => {
    const window = state.cells.find(({ cell }) => cell.id === cellId)?.planBy.emergence;
    return window ? rangeWords({ from: window.earliest, to: window.latest }) : null;
  };
  const isTwoParts = before.parts.some(({ units }) => units.includes('top') && units.includes('bottom'));

  const save = async (wasOpened: boolean) => {
    const missing = draftIssues(draft);
    const { thoroughness } = draft;
    if (missing.length > 0 || thoroughness === null) return setIssues(missing);
    const entry = entryOf(draft, thoroughness);
    // Whether it lies in the future the server tells: this page may have been open for hours.
    const contradictions = checkEntry(entry, facts, NO_LATEST_MINUTE);
    if (contradictions.length > 0) return setIssues(contradictions);
    if (shut && !stored && !wasOpened) return setAsking(true);
    setSaving(true);
    const saved = await saveEntry(draft, entry, stored !== null);
    setSaving(false);
    setIssues(saved.issues);
    if (saved.state !== 'refused') onSaved(saved.state);
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
    <>
      <PageHead
        isSticky={false}
        title={colonyName}
        below={[placeName, stored ? 'correcting an entry; what it said before is kept' : 'what did you see?']
          .filter(Boolean)
          .join(' · ')}
      />
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void save(false);
        }}
        className="grid gap-x-10 wide:grid-cols-[minmax(0,34rem)_minmax(0,1fr)]"
      >
        <div className="pb-44 wide:pb-0">
          <IssueList issues={issues} />
          {takenUpFrom !== null && <TakenUp from={takenUpFrom} onAnew={beginAnew} />}
          <DueHere before={before} on={on} />
          <KnownCells cells={known} draft={draft} on={on} change={change} />
          <NewCells
            draft={draft}
            change={change}
            title={known.length > 0 ? 'New cups and cells' : 'Cups and cells'}
            isTwoParts={isTwoParts}
          />
          <Problem text={problemAt('cells')} />
          <TakingDown draft={draft} change={change} needy={needy} price={price} labelOf={labelOf} outOf={outOf} />
          <Choice<Looked>
            legend="Eggs?"
            options={LOOKED_OPTIONS}
            value={draft.eggs}
            onChange={(eggs) => set({ eggs })}
          />
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
          <details
            className="mt-5 border-y border-line py-2"
            open={isMore}
            onToggle={(event) => setMore(event.currentTarget.open)}
          >
            <summary className="font-display cursor-pointer py-2 text-lg font-bold">More that you saw</summary>
            {isMore && <MoreSeen draft={draft} change={change} problemAt={problemAt} />}
          </details>
          <NoteField note={draft.note} onChange={(note) => set({ note })} />
          <Problem text={problemAt('note')} />
          <PhotoField photos={draft.photos} onChange={(photos) => set({ photos })} />
        </div>
        <aside aria-label="What it means">
          <div className="sticky top-4 mt-4 hidden border-l-4 border-willow pl-6 wide:block">
            <Verdict state={state} today={today} short={false} />
            {isWide && <LiveCells state={state} />}
            {stored && (
              <CorrectionMoves
                facts={facts}
                settings={settings}
                today={today}
                corrected={factsWith(facts, entryOf(draft, draft.thoroughness ?? 'tip-up'))}
              />
            )}
            {buttons}
          </div>
          <div className="fixed inset-x-0 bottom-0 z-10 border-t-4 border-willow bg-ground px-4 pt-2 pb-3 wide:hidden">
            <Verdict state={state} today={today} short />
            {buttons}
          </div>
        </aside>
        <AskFirst
          isOpen={isAsking}
          onClose={() => setAsking(false)}
          title="Was it opened all the same?"
          body={
            shut
              ? `It is to be left shut until ${dayWords(shut.to)}: a virgin may be out, and opening it can cost her.`
              : ''
          }
          yes="It was opened: save it"
          no="Not yet"
          onYes={() => void save(true)}
        />
      </form>
    </>
  );
}
