import 'server-only';
import { and, asc, desc, eq, inArray, isNull, or } from 'drizzle-orm';
import { redirect } from 'next/navigation';
import type { Day } from '../core/calendar/day';
import type { DayRange } from '../core/calendar/window';
import type { ColonyFacts } from '../core/colony/facts';
import type { InspectionEntry } from '../core/facts/entry';
import { emergedInYear } from '../core/queens/age';
import type { Settings } from '../core/settings/settings';
import type { ColonyState } from '../core/state/fold';
import { flowExpected } from '../core/year/flow-expected';
import type { Book, Db } from '../db/open';
import { loadColonyFacts } from '../db/repositories/colony-facts';
import { findEntry } from '../db/repositories/inspection-entry';
import { loadSettings } from '../db/repositories/settings';
import { colonyEntryOf } from '../db/repositories/standing-colony';
import { apiaries, colonies, inspections, photos, queenEvents, queens, revisions } from '../db/schema/tables';
import type { ApiaryEntry, ColonyEntry } from '../views/all-apiaries';
import type { EntryChange, QueenChoice, QueenLine } from '../views/colony-records';
import { queenWords } from '../words/queens';
import { loadApiaries } from './all-apiaries';
import { type Reckoned, reckoned } from './known-states';
import { withAfternoons } from './weather/afternoons';

export interface ColonyOnDay {
  readonly colony: ColonyEntry;
  readonly apiary: ApiaryEntry;
  readonly facts: ColonyFacts;
  readonly state: ColonyState;
  readonly settings: Settings;
  /** The main flow as expected at its apiary; null: not noted. */
  readonly flow: DayRange | null;
}

/** A colony as it was entered, and as it stands where that can be worked out. */
export type ColonyAsEntered = Omit<ColonyOnDay, 'state'> & Reckoned;

/**
 * One colony with all its facts and its state on `today`; null when there is none of that id. Of one that cannot be worked out its
 * entries are shown instead.
 */
export function loadColony(opened: Book, id: string, today: Day): ColonyOnDay | null {
  const found = colonyAsEntered(opened, id, today);
  if (!found) return null;
  if (found.state === null) redirect(`/colonies/${id}/entries`);
  // Its order names what comes first of its choices, as on every other page.
  const standing = loadApiaries(opened, today).colonies.find(({ colony }) => colony.id === id);
  return standing ? { ...found, state: standing.state } : found;
}

/** One colony with all its facts, whether it can be worked out or not; null when there is none of that id. */
export function colonyAsEntered(opened: Book, id: string, today: Day): ColonyAsEntered | null {
  const { db } = opened;
  const found = db
    .select({ colony: colonies, apiary: apiaries })
    .from(colonies)
    .innerJoin(apiaries, eq(colonies.apiaryId, apiaries.id))
    .where(eq(colonies.id, id))
    .get();
  const facts = withAfternoons(opened, loadColonyFacts(db, { colonyIds: [id] }), today).get(id);
  if (!found || !facts) return null;
  const settings = loadSettings(db);
  const flow = flowExpected(found.apiary, today);
  return {
    colony: colonyEntryOf(found.colony),
    apiary: found.apiary,
    flow,
    facts,
    settings,
    ...reckoned(facts, settings, today),
  };
}

/**
 * What happened to the colony's queens, newest first, each queen named by her year and colour; of the queen who is there now also
 * what happened to her elsewhere: she takes her history along.
 */
export function loadQueenLines(db: Db, colonyId: string, queenId: string | null): readonly QueenLine[] {
  return db
    .select({ event: queenEvents, queen: queens, colony: colonies.name })
    .from(queenEvents)
    .innerJoin(queens, eq(queenEvents.queenId, queens.id))
    .innerJoin(colonies, eq(queenEvents.colonyId, colonies.id))
    .where(or(eq(queenEvents.colonyId, colonyId), queenId === null ? undefined : eq(queenEvents.queenId, queenId)))
    .orderBy(desc(queenEvents.on), desc(queenEvents.id))
    .all()
    .filter(({ event }) => event.colonyId === colonyId || event.deletedAt === null)
    .map(({ event, queen, colony }) => ({
      id: event.id,
      queenId: event.queenId,
      at: event.at,
      on: event.on,
      to: event.to,
      kind: event.kind,
      went: event.went,
      hivedAsId: event.hivedAsId,
      note: event.note,
      queen: nameQueen(queen),
      elsewhere: event.colonyId === colonyId ? null : colony,
      isDeleted: event.deletedAt !== null,
    }));
}

/** `queen of 2026 (white), raised`. */
export const nameQueen = (queen: typeof queens.$inferSelect): string => queenWords(emergedInYear(queen), queen.origin);

/** The queens that were ever in a colony, for choosing one. */
export function queensOfColony(db: Db, colonyId: string): readonly QueenChoice[] {
  const seen = new Map<string, string>();
  for (const { event, queen } of db
    .select({ event: queenEvents, queen: queens })
    .from(queenEvents)
    .innerJoin(queens, eq(queenEvents.queenId, queens.id))
    .where(eq(queenEvents.colonyId, colonyId))
    .orderBy(desc(queenEvents.on))
    .all()) {
    seen.set(event.queenId, nameQueen(queen));
  }
  return [...seen].map(([id, name]) => ({ id, name }));
}

/** How the colony's inspections were corrected and deleted, newest first; which of them are deleted now; and their photos. */
export function loadChanges(db: Db, colonyId: string, minuteOf: (instant: string) => string) {
  const rows = db
    .select({ id: inspections.id, at: inspections.at, deletedAt: inspections.deletedAt })
    .from(inspections)
    .where(eq(inspections.colonyId, colonyId))
    .orderBy(asc(inspections.at))
    .all();
  const ids = rows.map(({ id }) => id);
  const changes: EntryChange[] = db
    .select({
      id: revisions.id,
      entityId: revisions.entityId,
      revisedAt: revisions.revisedAt,
      action: revisions.action,
    })
    .from(revisions)
    .where(inArray(revisions.entityId, ids))
    .orderBy(desc(revisions.revisedAt))
    .all()
    .map(({ revisedAt, ...change }) => ({ ...change, at: minuteOf(revisedAt) }));
  const taken = db
    .select({ id: photos.id, inspectionId: photos.inspectionId })
    .from(photos)
    .where(inArray(photos.inspectionId, ids))
    .orderBy(asc(photos.id))
    .all();
  return { changes, photos: taken, deleted: rows.filter(({ deletedAt }) => deletedAt !== null) };
}

/** The colony's inspections as they were entered, without those that are deleted. */
export const inspectionsEntered = (db: Db, colonyId: string): readonly InspectionEntry[] =>
  db
    .select({ id: inspections.id })
    .from(inspections)
    .where(and(eq(inspections.colonyId, colonyId), isNull(inspections.deletedAt)))
    .all()
    .flatMap(({ id }) => findEntry(db, id)?.entry ?? []);
