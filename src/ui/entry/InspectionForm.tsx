'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import type { Looked } from '../../core/brood/looked';
import { dayOfMinute, formatDay } from '../../core/calendar/day';
import { SEARCH_ASKED, SEARCHED, type Searched } from '../../core/cells/thoroughness';
import type { ColonyFacts } from '../../core/colony/facts';
import { farBack } from '../../core/colony/far-back';
import type { InspectionEntry } from '../../core/facts/entry';
import type { Settings } from '../../core/settings/settings';
import { dayOfDraft } from '../../device/day-of-draft';
import { type Draft, entryOf, liveCellsOf, searchedOf } from '../../device/draft';
import type { EntryReading } from '../../device/entry-reading';
import { unreadEntry } from '../../device/unread-entry';
import type { NeedyColony } from '../../views/cells-view';
import { linesAsText } from '../../words/entry-lines';
import { HOW_INSPECTED, inspectionLines } from '../../words/inspection-lines';
import { THOROUGHNESS_WORDS } from '../../words/inspections';
import type { IssueInWords } from '../../words/issues';
import { Button } from '../controls/Button';
import { Choice } from '../controls/Choice';
import { useIsWide } from '../controls/useIsWide';
import { WhenFields } from '../controls/WhenFields';
import { useSoon } from '../loading/useSoon';
import { ClockOff } from '../offline/ClockOff';
import { KeptNowhere } from '../offline/KeptNowhere';
import { useReckoned } from '../reckon/useReckoned';
import { type Axis, axisAround } from '../time/axis';
import { RulerHead } from '../time/RulerHead';
import { AskedBeforeSaving, type AskedFirst, NOT_SURE, SURE, SURE_OF, type SureOf } from './AskedBeforeSaving';
import { CONTRADICTIONS, contradictionsOf } from './contradictions';
import { DueHere } from './DueHere';
import { draftIssues } from './draft-issues';
import { IssueList } from './IssueList';
import { KnownCells } from './KnownCells';
import { LastVisits } from './LastVisits';
import { LOOKED_OPTIONS } from './looked-options';
import { NewCells } from './NewCells';
import { NoteField } from './NoteField';
import { Problem } from './Problem';
import { useDraft } from './useDraft';
import { type Saved, useSaveEntry } from './useSaveEntry';
import { Verdict } from './Verdict';

// What is below the fold, not on a phone, or follows from what is tapped comes after the rest. All of it is kept for the hive.
const LiveCells = dynamic(() => import('./LiveCells').then((module) => module.LiveCells), { ssr: false });
const TwoVersions = dynamic(() => import('../offline/TwoVersions').then((module) => module.TwoVersions), {
  ssr: false,
});
const PhotoField = dynamic(() => import('./PhotoField').then((module) => module.PhotoField), { ssr: false });
const loadReckoner = () => import('../reckon/hive-reckoner');
const TakenUp = dynamic(() => import('../offline/TakenUp').then((module) => module.TakenUp), { ssr: false });
const loadMoreSeen = () => import('./MoreSeen').then((module) => module.MoreSeen);
const MoreSeen = dynamic(loadMoreSeen, { ssr: false });
const loadTakingDown = () => import('./TakingDown').then((module) => module.TakingDown);
const TakingDown = dynamic(loadTakingDown, { ssr: false });
const loadWhichQueen = () => import('./WhichQueen').then((module) => module.WhichQueen);
const WhichQueen = dynamic(loadWhichQueen, { ssr: false });
const CorrectionMoves = dynamic(() => import('./CorrectionMoves').then((module) => module.CorrectionMoves), {
  ssr: false,
});
const SOON = [loadReckoner, loadTakingDown, loadWhichQueen, loadMoreSeen, ...CONTRADICTIONS];

interface Props {
  readonly colonyName: string;
  readonly placeName: string;
  readonly facts: ColonyFacts;
  readonly settings: Settings;
  /** The present minute, `YYYY-MM-DDTHH:mm`. */
  readonly now: string;
  /** What the form begins with: a new entry, one to be corrected, or one that the server gave back. */
  readonly begin: Draft;
  /** What `begin` means. */
  readonly first: EntryReading;
  /** Under which the draft is kept on the device. */
  readonly keptAs: string;
  /** The version that it is meant to replace, where it corrects an inspection; null: it is a new one. */
  readonly over: string | null;
  /** What the server had against it. */
  readonly refusedFor?: readonly IssueInWords[];
  /** Colonies that a cell would help. */
  readonly needy: readonly NeedyColony[];
  /** When the hive was shut again, of an entry that is made while it is open; left out where it is written down afterwards. */
  readonly shutAgain?: (at: string) => string | null;
  /** Entered beside the book, on a day that is given: nothing of it is stored or sent but what this does with it. Left out: into the book. */
  readonly aside?: (draft: Draft, entry: InspectionEntry) => Promise<Saved>;
  /** Called once it is saved, and says whether the server has it. */
  readonly onSaved: (state: 'sent' | 'waiting') => void;
}

const NONE: readonly IssueInWords[] = [];

/** An inspection is over on the day on which it began. */
const onDayOf = (at: string, until: string | null) => until && `${at.slice(0, 10)}${until.slice(10)}`;

/** Enter an inspection: taps only, in any order, with the reading building up as it goes. */
export function InspectionForm(props: Props) {
  const { colonyName, placeName, facts, settings, now, over, needy, onSaved } = props;
  const isCorrection = over !== null;
  useSoon(SOON);
  const { draft, change, undo, takenUpFrom, beginAnew, isKept } = useDraft(props.begin, props.keptAs);
  const intoBook = useSaveEntry(props.keptAs, colonyName, over);
  const isAside = props.aside !== undefined;
  const saveEntry = props.aside ?? intoBook;
  const [isNowhere, setNowhere] = useState(false);
  const [issues, setIssues] = useState<readonly IssueInWords[]>(props.refusedFor ?? NONE);
  const [isSaving, setSaving] = useState(false);
  const [asked, setAsked] = useState<AskedFirst | null>(null);
  const [isMore, setMore] = useState(isCorrection);
  const isWide = useIsWide();

  const today = dayOfMinute(now);
  const on = dayOfDraft(draft, today);
  const ask = useMemo(() => {
    const question = { facts, settings, draft, today, isCorrection };
    if (draft === props.begin) return null;
    // What cannot be worked out can be entered all the same.
    return async () => {
      const { askHive } = await loadReckoner();
      return askHive((hive) => hive.readEntry(question)).catch(() => unreadEntry(question));
    };
  }, [facts, settings, draft, today, isCorrection, props.begin]);
  const reading = useReckoned(ask, props.first);
  const { shut, known, price, outOf, isTwoParts, verdict } = reading;

  const problemAt = (field: string) =>
    issues
      .filter(({ path }) => path[0] === field)
      .map(({ message }) => message)
      .join(' ') || null;
  const set = (fields: Partial<Draft>) => change({ type: 'set', fields });

  const labelOf = (cellId: string) => facts.cells.find(({ id }) => id === cellId)?.label ?? 'new';

  // With every cell down there may be no queen to lay for more.
  const { down, left } = liveCellsOf(draft);
  const risksAll = down.length > 0 && left === 0 && draft.eggs !== 'seen' && draft.queen !== 'seen' && price !== null;

  const searched = searchedOf(draft);
  const asText = () => {
    const lines = inspectionLines(entryOf(draft, searched ?? 'tip-up'), labelOf);
    const said = lines.filter(({ label }) => searched !== null || label !== HOW_INSPECTED);
    return linesAsText(colonyName, said);
  };

  const isNewDay = !isCorrection || draft.at.slice(0, 10) !== props.begin.at.slice(0, 10);
  const far = isNewDay && !isAside ? farBack(on, facts, today) : null;

  const save = async ({ ofDay, ofOpening, ofAll }: SureOf = NOT_SURE, chosenOver: string | null = null) => {
    const missing = draftIssues(draft);
    if (missing.length > 0 || searched === null) return setIssues(missing);
    const until = draft.until ?? props.shutAgain?.(draft.at) ?? null;
    const entry = { ...entryOf(draft, searched), until };
    setSaving(true);
    const contradictions = await contradictionsOf(entry, facts);
    setSaving(false);
    if (contradictions.length > 0) return setIssues(contradictions);
    if (far !== null && !ofDay) return setAsked('day');
    if (shut && !isCorrection && !ofOpening && !reading.isForced) return setAsked('opening');
    if (risksAll && !ofAll) return setAsked('all');
    setSaving(true);
    const saved = await saveEntry(draft, entry, chosenOver);
    setSaving(false);
    setIssues(saved.issues);
    setNowhere(saved.state === 'nowhere');
    if (saved.state === 'sent' || saved.state === 'waiting') onSaved(saved.state);
  };

  const axis: Axis = { ...axisAround(reading.axisDay), today: dayOfMinute(now) };
  const buttons = (
    <div className="mt-2 grid grid-cols-[auto_1fr] gap-2">
      <Button kind="plain" className="min-h-12" disabled={!undo} onClick={() => undo?.()}>
        Undo
      </Button>
      <Button type="submit" kind="strong" className="min-h-12" disabled={isSaving}>
        {isSaving ? 'Saving …' : isCorrection ? 'Save the correction' : 'Save the inspection'}
      </Button>
    </div>
  );

  return (
    <>
      <RulerHead
        axis={axis}
        colonyId={draft.colonyId}
        isSticky={false}
        title={colonyName}
        below={[placeName, isCorrection ? 'correcting an entry; what it said before is kept' : 'what did you see?']
          .filter(Boolean)
          .join(' · ')}
      />
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
        className="grid wide:grid-cols-[var(--words)_minmax(0,1fr)]"
      >
        <div className="pb-44 wide:pr-5 wide:pb-0">
          <IssueList issues={issues} />
          {!isAside && <ClockOff />}
          {issues.some(({ code }) => code === 'changed-meanwhile') && searched !== null && (
            <TwoVersions
              kind="inspection"
              id={draft.id}
              mine={inspectionLines(entryOf(draft, searched), labelOf)}
              labelOf={labelOf}
              onStored={() => {
                beginAnew();
                onSaved('sent');
              }}
              onMine={(version) => void save(SURE, version)}
            />
          )}
          {(isNowhere || !isKept) && <KeptNowhere text={asText()} />}
          {takenUpFrom !== null && <TakenUp from={takenUpFrom} onAnew={beginAnew} />}
          <DueHere
            shut={shut}
            due={reading.due}
            leaveShut={reading.leaveShut}
            isForced={reading.isForced}
            colony={{ id: draft.colonyId, name: colonyName }}
            minute={now}
            isOnlyTold={isAside}
          />
          <LastVisits visits={reading.visits} />
          <KnownCells cells={known} draft={draft} on={on} change={change} />
          <NewCells
            draft={draft}
            change={change}
            title={known.length > 0 ? 'New cups and cells' : 'Cups and cells'}
            isTwoParts={isTwoParts}
          />
          <Problem text={problemAt('cells')} />
          {down.length + left > 0 && (
            <TakingDown
              draft={draft}
              change={change}
              needy={needy}
              price={price}
              labelOf={labelOf}
              outOf={(cellId) => outOf[cellId] ?? null}
            />
          )}
          <Choice<Looked>
            legend="Eggs?"
            inline
            options={LOOKED_OPTIONS}
            value={draft.eggs}
            onChange={(eggs) => set({ eggs })}
          />
          <Choice<Looked>
            legend="Queen?"
            inline
            options={LOOKED_OPTIONS}
            value={draft.queen}
            onChange={(queen) => set({ queen })}
          />
          {draft.queen === 'seen' && <WhichQueen draft={draft} change={change} />}
          <Choice<Searched>
            legend="How thoroughly did you check for cells?"
            stacked
            options={(draft.thoroughness === 'not-said' ? SEARCHED : SEARCH_ASKED).map((value) => ({
              value,
              name: THOROUGHNESS_WORDS[value].name,
              short: THOROUGHNESS_WORDS[value].tap,
              hint: THOROUGHNESS_WORDS[value].means,
            }))}
            value={draft.thoroughness}
            onChange={(thoroughness) => set({ thoroughness })}
            problem={problemAt('thoroughness')}
          />
          {!isAside && (
            <div className="mt-4 grid grid-cols-2 gap-2">
              <WhenFields
                at={draft.at}
                to={draft.to}
                latestDay={formatDay(today)}
                onChange={(at) => set({ at, until: onDayOf(at, draft.until ?? null) })}
                until={draft.until ?? null}
                onUntil={(until) => set({ until })}
                onTo={(to) => set({ to })}
              />
              <span className="col-span-2">
                <Problem text={problemAt('at') ?? problemAt('until') ?? problemAt('to')} />
              </span>
            </div>
          )}
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
          {!isAside && <PhotoField photos={draft.photos} onChange={(photos) => set({ photos })} />}
        </div>
        <aside aria-label="What it means">
          <div className="sticky top-28 mt-4 hidden wide:block">
            <div className="border-l-4 border-willow pl-6">
              <Verdict verdict={verdict} short={false} />
            </div>
            {isWide && <LiveCells cells={reading.cells} axis={axis} />}
            <div className="pl-7">
              {reading.moves.length > 0 && <CorrectionMoves moves={reading.moves} />}
              {buttons}
            </div>
          </div>
          <div className="fixed inset-x-0 bottom-0 z-20 border-t-4 border-willow bg-ground px-4 pt-2 pb-3 wide:hidden">
            <Verdict verdict={verdict} short />
            {buttons}
          </div>
        </aside>
        <AskedBeforeSaving
          asked={asked}
          on={on}
          today={today}
          isBeforeRecords={far === 'before-records'}
          shutTo={shut?.to ?? null}
          onClose={() => setAsked(null)}
          onYes={(what) => void save(SURE_OF[what])}
        />
      </form>
    </>
  );
}
