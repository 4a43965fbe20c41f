'use client';

import { useMemo, useState } from 'react';
import { dayOfMinute } from '../../core/calendar/day';
import type { ColonyFacts } from '../../core/colony/facts';
import { farBack } from '../../core/colony/far-back';
import type { InspectionEntry } from '../../core/facts/entry';
import type { Settings } from '../../core/settings/settings';
import { dayOfDraft } from '../../device/day-of-draft';
import { type Draft, entryOf, liveCellsOf, searchedOf } from '../../device/draft';
import type { EntryReading } from '../../device/entry-reading';
import { unreadEntry } from '../../device/unread-entry';
import { linesAsText } from '../../words/entry-lines';
import { HOW_INSPECTED, inspectionLines } from '../../words/inspection-lines';
import type { IssueInWords } from '../../words/issues';
import { useReckoned } from '../reckon/useReckoned';
import { type AskedFirst, NOT_SURE, type SureOf } from './AskedBeforeSaving';
import { contradictionsOf } from './contradictions';
import { draftIssues } from './draft-issues';
import { useDraft } from './useDraft';
import { type Saved, useSaveEntry } from './useSaveEntry';

export const loadReckoner = () => import('../reckon/hive-reckoner');

/** What an entry begins with, and what becomes of it. */
export interface EntryAsked {
  readonly colonyName: string;
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
  /** When the hive was shut again, of an entry that is made while it is open; left out where it is written down afterwards. */
  readonly shutAgain?: (at: string) => string | null;
  /** Entered beside the book, on a day that is given: nothing of it is stored or sent but what this does with it. Left out: into the book. */
  readonly aside?: (draft: Draft, entry: InspectionEntry) => Promise<Saved>;
  /** Called once it is saved, and says whether the server has it. */
  readonly onSaved: (state: 'sent' | 'waiting') => void;
}

const NONE: readonly IssueInWords[] = [];

/**
 * An inspection while it is entered: what was tapped, what it means by now, what is wrong with it, and saving it, with what has to be asked
 * first.
 */
export function useInspectionEntry(props: EntryAsked) {
  const { colonyName, facts, settings, now, over, onSaved } = props;
  const isCorrection = over !== null;
  const { draft, change, undo, takenUpFrom, beginAnew, isKept } = useDraft(props.begin, props.keptAs);
  const intoBook = useSaveEntry(props.keptAs, colonyName, over);
  const isAside = props.aside !== undefined;
  const saveEntry = props.aside ?? intoBook;
  const [isNowhere, setNowhere] = useState(false);
  const [issues, setIssues] = useState<readonly IssueInWords[]>(props.refusedFor ?? NONE);
  const [isSaving, setSaving] = useState(false);
  const [asked, setAsked] = useState<AskedFirst | null>(null);

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
  const { shut, price } = reading;

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

  return {
    draft,
    change,
    set,
    undo,
    takenUpFrom,
    beginAnew,
    reading,
    on,
    today,
    isCorrection,
    isAside,
    issues,
    problemAt,
    labelOf,
    /** Null: how thoroughly is not said yet. */
    searched,
    /** Text to be copied where the device keeps nothing; null: it does. */
    keptNowhere: isNowhere || !isKept ? asText : null,
    live: { down, left },
    asked: { what: asked, isBeforeRecords: far === 'before-records', close: () => setAsked(null) },
    isSaving,
    save,
  };
}

export type EntryUnderWay = ReturnType<typeof useInspectionEntry>;
