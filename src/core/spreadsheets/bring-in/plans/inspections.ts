import { day, dayOfMinute } from '../../../calendar/day';
import type { CellStage } from '../../../cells/stage';
import { checkEntry } from '../../../colony/check-entry';
import { inspectionFact } from '../../../facts/inspection';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { cellLabels } from '../cell-labels';
import { differences, isYes, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import { type FIELDS as ALL_FIELDS, type FieldCode, fieldsOf } from '../fields';
import { Hives } from '../hives';
import { type Asked, type Change, type Fate, type Planning, ROWS_AT_A_TIME } from '../plan';
import type { ReadRow, Values } from '../read-row';

type Inspection = SeasonFacts['inspections'][number];

/** What is not written into the inspection as the row has it. */
const OTHERWISE = [
  'id',
  'colonyId',
  'colony',
  'apiary',
  'time',
  'cells',
  'isByHelper',
] as const satisfies readonly FieldCode[];
type AsItStands = Exclude<keyof (typeof ALL_FIELDS)['inspections'], (typeof OTHERWISE)[number]>;
const FIELDS = fieldsOf('inspections').filter((field): field is AsItStands => !OTHERWISE.some((one) => one === field));

/** An inspection of which nothing is known but that there was one. */
export const blankInspection = (id: string, colonyId: string, at: string): Inspection => ({
  id,
  colonyId,
  at,
  to: null,
  until: null,
  thoroughness: 'not-searched',
  queen: 'not-looked-for',
  queenSeenAs: 'not-said',
  queenHandled: 'left',
  piping: 'not-listened',
  isByHelper: false,
  eggs: 'not-looked-for',
  youngest: null,
  droneBroodInWorkerCells: 'not-looked-for',
  severalEggsPerCell: 'not-looked-for',
  stores: 'not-looked-for',
  layingRoomDays: null,
  broodFrames: null,
  coveredSeams: null,
  drones: 'not-looked-for',
  temper: 'not-noted',
  food: 'not-looked-for',
  note: '',
  deletedAt: null,
});

/** The inspections of a book by what a sheet may know them by. */
export class InspectionsOfBook {
  readonly byId = new Map<string, Inspection>();
  readonly #byDay = new Map<string, Inspection[]>();

  constructor(inspections: readonly Inspection[]) {
    for (const look of inspections) this.add(look);
  }

  add(look: Inspection): void {
    this.byId.set(look.id, look);
    if (look.deletedAt !== null) return;
    const key = dayKey(look.colonyId, look.at);
    this.#byDay.set(key, [...(this.#byDay.get(key) ?? []), look]);
  }

  onDayOf(colonyId: string, at: string): readonly Inspection[] {
    return this.#byDay.get(dayKey(colonyId, at)) ?? [];
  }

  /** The one that a sheet means: of that minute, or, where it gives the day alone, the only one of that day. */
  meant(colonyId: string, at: string, hasTime: boolean): Inspection | null {
    const ofDay = this.onDayOf(colonyId, at);
    const ofMinute = ofDay.find((look) => look.at === at);
    return ofMinute ?? (!hasTime && ofDay.length === 1 ? (ofDay[0] ?? null) : null);
  }
}

const dayKey = (colonyId: string, at: string) => `${colonyId} ${at.slice(0, 10)}`;

/** When a colony was there. */
export const lifeOf = ({ origin, startedOn, endedOn }: SeasonFacts['colonies'][number]) => ({
  origin,
  startedOn: day(startedOn),
  endedOn: endedOn === null ? null : day(endedOn),
});

/** A time of day alone, as of when the hive was shut again, is one of the inspection's own day. */
const untilOf = ({ until, at }: Values) =>
  typeof until === 'string' && typeof at === 'string' && !until.includes('T') ? `${at.slice(0, 10)}T${until}` : until;

/**
 * Inspections, one a row. One that the book knows by its identifier, its minute, or its day where that is all that the sheet says, is held
 * against what stands there; a new one is held against the rules that hold for an entry.
 */
export function* planInspections(rows: readonly ReadRow[], asked: Asked): Planning {
  const { book, now, newId, matching } = asked;
  const hives = new Hives(asked);
  const known = new InspectionsOfBook(book.inspections);
  const before = new Set(book.inspections.map(({ id }) => id));
  const labels = cellLabels(book);
  const fates: Fate[] = [];
  const changes: Change[] = [];
  const used = new Set<string>();

  const fateOf = (read: ReadRow): Fate => {
    const values: Values = { ...read.values, until: untilOf(read.values) ?? null };
    const refused = (...issues: readonly Issue[]) => asRefused(read, issues);
    if (read.issues.length > 0) {
      hives.notice(read.values);
      return refused(...read.issues);
    }
    if (typeof values.at !== 'string') return refused({ path: ['at'], code: 'missing', message: say('day-missing') });
    const hive = hives.of(values, values.at.slice(0, 10));
    if (!hive.ok) return refused(hive.issue);
    const colony = hive.is;
    const id = typeof values.id === 'string' ? values.id : null;
    const stands = id === null ? known.meant(colony.id, values.at, read.hasTime) : (known.byId.get(id) ?? null);
    const helper = isYes(values.isByHelper);
    const said = { ...saidOf(values, FIELDS), ...(helper === null ? {} : { isByHelper: helper }) };
    if (stands && stands.colonyId !== colony.id)
      return refused({ path: ['id'], code: 'duplicate-id', message: say('inspection-moved') });
    if (stands && !before.has(stands.id))
      return refused({ path: ['at'], code: 'duplicate-minute', message: say('twice-in-sheet') });
    if (stands && stands.deletedAt !== null)
      return refused({ path: ['id'], code: 'not-found', message: say('taken-out-before') });
    const time = stands && !read.hasTime ? { at: stands.at } : {};
    const row: Inspection = {
      ...(stands ?? blankInspection(id ?? newId(), colony.id, values.at)),
      ...said,
      ...time,
    } as Inspection;
    const cell = stands ? null : cellInAWord(values.cells);
    if (cell !== null && values.thoroughness == null) row.thoroughness = 'bees-on';
    const { deletedAt: _, ...fact } = row;
    const parsed = parseInput(inspectionFact, fact);
    if (!parsed.ok) return refused(...parsed.issues);
    const differs = stands ? differences({ ...said, ...time }, stands, [...FIELDS, 'isByHelper']) : [];
    if (stands && differs.length === 0) return asHeld(read, []);
    const cellId = newId();
    const entry = {
      ...parsed.value,
      cells: cell === null || cell === 'none' ? [] : [{ cellId, found: cell, takenDown: false, newCell: {} }],
    };
    const ofColony = {
      ...lifeOf(colony),
      cells: [],
      inspections: known.onDayOf(colony.id, row.at).map((look) => ({ ...look, on: dayOfMinute(look.at), cells: [] })),
    };
    // Two of one minute may stand in a book; of a sheet that does not tell them apart they are one twice.
    const issues = checkEntry(entry, ofColony, now.minute).filter(
      ({ code }) => code !== 'duplicate-minute' || id === null,
    );
    if (issues.length > 0) return refused(...issues);
    if (stands) {
      if (matching.isOverBook) changes.push({ table: 'inspections', row, before: stands });
      return asHeld(read, differs);
    }
    known.add(row);
    used.add(colony.id);
    changes.push({ table: 'inspections', row, before: null });
    if (cell !== null && cell !== 'none') {
      const label = labels(colony.id, null);
      const own = {
        id: cellId,
        colonyId: colony.id,
        label,
        place: 'not-said',
        box: null,
        frame: null,
        part: null,
      } as const;
      changes.push({ table: 'cells', row: own, before: null });
      const sight = { id: newId(), inspectionId: row.id, cellId, found: cell, takenDown: false } as const;
      changes.push({ table: 'cellObservations', row: sight, before: null });
    }
    return asNew(read);
  };

  for (const [i, read] of rows.entries()) {
    if (i % ROWS_AT_A_TIME === 0) yield i;
    fates.push(fateOf(read));
  }
  return { fates, changes: [...hives.added((id) => used.has(id)), ...changes], unknown: hives.unknown };
}

const cellInAWord = (word: Values['cells']): 'none' | CellStage | null =>
  typeof word === 'string' ? (word as 'none' | CellStage) : null;
