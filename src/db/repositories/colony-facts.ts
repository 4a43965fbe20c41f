import 'server-only';
import { and, eq, getTableColumns, inArray, isNull } from 'drizzle-orm';
import { day, dayOfMinute } from '../../core/calendar/day';
import { assembleFacts, type OwnFacts } from '../../core/colony/assemble';
import type { CellFact, CellSeenFact, ColonyFacts, InspectionFact, QueenEventFact } from '../../core/colony/facts';
import type { SurveyFact } from '../../core/space/survey';
import type { Db } from '../open';
import {
  apiaries,
  cellObservations,
  cells,
  colonies,
  inspections,
  queenEvents,
  queens,
  surveys,
} from '../schema/tables';
import { loadSharedFacts, relatedColonies } from './shared-facts';

/** Adds to the list under a key. */
function push<V>(lists: Map<string, V[]>, key: string, value: V): void {
  const list = lists.get(key);
  if (list) list.push(value);
  else lists.set(key, [value]);
}

/**
 * The facts of all colonies, or of those named and those they share a programme or a cell with, as the core takes them: all of them,
 * since every screen reckons with the same. Deleted inspections, events and programmes never count.
 */
export function loadColonyFacts(
  db: Db,
  { colonyIds }: { readonly colonyIds?: readonly string[] } = {},
): ReadonlyMap<string, ColonyFacts> {
  const shared = loadSharedFacts(db);
  const ids = colonyIds?.flatMap((id) => relatedColonies(db, id, shared));
  return assembleFacts(loadOwnFacts(db, ids), shared);
}

/** What was entered for colonies themselves: for all of them, or for those named. */
export function loadOwnFacts(db: Db, colonyIds?: readonly string[]): ReadonlyMap<string, OwnFacts> {
  const ids = colonyIds && [...new Set(colonyIds)];
  const colonyRows = db
    .select({ ...getTableColumns(colonies), swarmMonths: apiaries.swarmMonths, year: apiaries.year })
    .from(colonies)
    .innerJoin(apiaries, eq(colonies.apiaryId, apiaries.id))
    .where(and(ids && inArray(colonies.id, ids), isNull(colonies.deletedAt)))
    .all();
  const standing = and(ids && inArray(inspections.colonyId, ids), isNull(inspections.deletedAt));
  const inspectionRows = db.select().from(inspections).where(standing).orderBy(inspections.at).all();
  const observationRows = db
    .select({
      colonyId: inspections.colonyId,
      inspectionId: cellObservations.inspectionId,
      cellId: cellObservations.cellId,
      found: cellObservations.found,
      takenDown: cellObservations.takenDown,
    })
    .from(cellObservations)
    .innerJoin(inspections, eq(cellObservations.inspectionId, inspections.id))
    .where(standing)
    .orderBy(cellObservations.id)
    .all();
  const seenByInspection = new Map<string, CellSeenFact[]>();
  // In its own colony: what was seen of it elsewhere is among that colony's facts.
  const seenAt = new Map<string, Set<string>>();
  for (const { colonyId, inspectionId, ...seen } of observationRows) {
    push(seenByInspection, inspectionId, seen);
    const own = seenAt.get(colonyId) ?? new Set();
    seenAt.set(colonyId, own.add(seen.cellId));
  }
  const cellsByColony = new Map<string, CellFact[]>();
  const cellRows = db
    .select()
    .from(cells)
    .where(ids && inArray(cells.colonyId, ids))
    .all();
  for (const { colonyId, ...cell } of cellRows)
    if (seenAt.get(colonyId)?.has(cell.id)) push(cellsByColony, colonyId, cell);

  const inspectionsByColony = new Map<string, InspectionFact[]>();
  for (const { colonyId, deletedAt: _, to, ...row } of inspectionRows) {
    const days = { on: dayOfMinute(row.at), to: to === null ? null : day(to) };
    const fact = { ...row, ...days, cells: seenByInspection.get(row.id) ?? [] };
    push(inspectionsByColony, colonyId, fact);
  }
  const eventsByColony = new Map<string, QueenEventFact[]>();
  const eventRows = db
    .select({ event: queenEvents, emergedFrom: queens.emergedFrom, emergedTo: queens.emergedTo })
    .from(queenEvents)
    .innerJoin(queens, eq(queenEvents.queenId, queens.id))
    .where(and(ids && inArray(queenEvents.colonyId, ids), isNull(queenEvents.deletedAt)))
    .orderBy(queenEvents.on, queenEvents.id)
    .all();
  for (const { event, emergedFrom, emergedTo } of eventRows) {
    const { colonyId, id, queenId, at, on, to, kind } = event;
    const emerged =
      emergedFrom === null && emergedTo === null
        ? null
        : { from: day(emergedFrom ?? (emergedTo as string)), to: day(emergedTo ?? (emergedFrom as string)) };
    const days = { on: day(on), to: to === null ? null : day(to) };
    push(eventsByColony, colonyId, { id, queenId, at, ...days, kind, emerged });
  }
  const surveysByColony = new Map<string, SurveyFact[]>();
  const surveyRows = db
    .select()
    .from(surveys)
    .where(and(ids && inArray(surveys.colonyId, ids), isNull(surveys.deletedAt)))
    .orderBy(surveys.at)
    .all();
  for (const { colonyId, deletedAt: _, note: __, ...row } of surveyRows)
    push(surveysByColony, colonyId, { ...row, on: dayOfMinute(row.at) });
  return new Map(
    colonyRows.map((row) => [
      row.id,
      {
        startedOn: day(row.startedOn),
        enteredOn: row.enteredOn === null ? null : day(row.enteredOn),
        endedOn: row.endedOn === null ? null : day(row.endedOn),
        origin: row.origin,
        swarmMonths: row.swarmMonths,
        year: row.year,
        cells: cellsByColony.get(row.id) ?? [],
        inspections: inspectionsByColony.get(row.id) ?? [],
        queenEvents: eventsByColony.get(row.id) ?? [],
        surveys: surveysByColony.get(row.id) ?? [],
      },
    ]),
  );
}
