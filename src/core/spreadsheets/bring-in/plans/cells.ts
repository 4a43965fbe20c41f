import { dayOfMinute, daysBetween } from '../../../calendar/day';
import { CELL_STAGES, STAGES } from '../../../cells/stage';
import { checkEntry } from '../../../colony/check-entry';
import type { CellFinding } from '../../../colony/facts';
import { cellFact } from '../../../facts/inspection';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { cellLabels } from '../cell-labels';
import { differences, isYes, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import { Hives } from '../hives';
import { plainWord } from '../matching';
import { type Asked, type Change, type Fate, type Planning, ROWS_AT_A_TIME } from '../plan';
import type { ReadRow } from '../read-row';
import { blankInspection, InspectionsOfBook, lifeOf } from './inspections';

type Cell = SeasonFacts['cells'][number];
type Sight = SeasonFacts['cellObservations'][number];

const CELL_FIELDS = ['place', 'box', 'frame', 'part'] as const;

/** The oldest that a cell can be seen, days since laying: what goes by the same name after more days than that is another cell. */
const SEEN_FOR = Math.max(...CELL_STAGES.map((stage) => STAGES[stage].ages?.to ?? 0));

/**
 * Cells, one sight of one cell a row. The inspection at which it was seen is the book's of that minute or day, or is entered with nothing
 * else known of it. A cell is known by its identifier, or within its colony by the name that the sheet has for it.
 */
export function* planCells(rows: readonly ReadRow[], asked: Asked): Planning {
  const { book, now, newId, matching } = asked;
  const hives = new Hives(asked);
  const looks = new InspectionsOfBook(book.inspections);
  const inBook = new Set(book.inspections.map(({ id }) => id));
  const labels = cellLabels(book);
  const cells = new Map(book.cells.map((cell) => [cell.id, cell]));
  const sights = new Sights(book.cellObservations, looks);
  const named = new Map<string, Cell>(book.cells.map((cell) => [`${cell.colonyId} ${cell.label}`, cell]));
  const fates: Fate[] = [];
  const changes: Change[] = [];
  const used = new Set<string>();

  const fateOf = (read: ReadRow): Fate => {
    const { values } = read;
    const refused = (...issues: readonly Issue[]) => asRefused(read, issues);
    if (read.issues.length > 0) {
      hives.notice(read.values);
      return refused(...read.issues);
    }
    const { at, found: stage, cellId, inspectionId, id } = values;
    if (typeof at !== 'string') return refused({ path: ['at'], code: 'missing', message: say('day-missing') });
    if (typeof stage !== 'string') return refused({ path: ['found'], code: 'missing', message: say('stage-missing') });
    const hive = hives.of(values, at.slice(0, 10));
    if (!hive.ok) return refused(hive.issue);
    const colony = hive.is;
    const byId = typeof inspectionId === 'string' ? looks.byId.get(inspectionId) : undefined;
    const meant = byId ?? looks.meant(colony.id, at, read.hasTime);
    if (meant && meant.colonyId !== colony.id)
      return refused({ path: ['inspectionId'], code: 'contradiction', message: say('inspection-moved') });
    if (meant && meant.deletedAt !== null)
      return refused({ path: ['inspectionId'], code: 'not-found', message: say('taken-out-before') });
    const lookId = typeof inspectionId === 'string' && !byId ? inspectionId : newId();
    const look = meant ?? blankInspection(lookId, colony.id, at);

    const taken = { found: stage as CellFinding, takenDown: isYes(values.takenDown) ?? false };
    const saidOfCell = saidOf(values, CELL_FIELDS);
    const label = typeof values.label === 'string' ? plainWord(values.label) : null;
    const nameOf = `${colony.id} ${label}`;
    const stands = typeof id === 'string' ? sights.byId.get(id) : undefined;
    const sameName = label === null ? undefined : named.get(nameOf);
    const cell =
      (typeof cellId === 'string' ? cells.get(cellId) : undefined) ??
      (stands ? cells.get(stands.cellId) : undefined) ??
      (sameName && sights.isAlive(sameName.id, look.at) ? sameName : undefined) ??
      (typeof cellId === 'string' ? undefined : alikeAt(look.id));
    if (cell && cell.colonyId !== colony.id)
      return refused({ path: ['cellId'], code: 'contradiction', message: say('cell-of-another-colony') });
    const sight = stands ?? (cell ? sights.of(look.id, cell.id) : undefined);
    if (sight && cell) {
      if (sights.isClaimed(sight.id))
        return refused({ path: ['label'], code: 'duplicate-observation', message: say('twice-in-sheet') });
      sights.claim(sight.id);
      const differs = [
        ...differences(taken, sight, ['found', 'takenDown']),
        ...differences(saidOfCell, cell, CELL_FIELDS),
      ];
      if (differs.length === 0 || !matching.isOverBook) return asHeld(read, differs);
      const issues = checkSight({ ...sight, ...taken }, cell, look);
      if (issues.length > 0) return refused(...issues);
      const now = { ...sight, ...taken };
      sights.add(now);
      changes.push({ table: 'cellObservations', row: now, before: sight });
      const row = { ...cell, ...saidOfCell } as Cell;
      cells.set(cell.id, row);
      if (differences(saidOfCell, cell, CELL_FIELDS).length > 0) changes.push({ table: 'cells', row, before: cell });
      return asHeld(read, differs);
    }

    const own =
      cell ??
      ({
        place: 'not-said',
        box: null,
        frame: null,
        part: null,
        ...saidOfCell,
        id: typeof cellId === 'string' ? cellId : newId(),
        colonyId: colony.id,
        label: 'new',
      } as Cell);
    const parsed = parseInput(cellFact, own);
    if (!parsed.ok) return refused(...parsed.issues);
    const seen: Sight = { id: typeof id === 'string' ? id : newId(), inspectionId: look.id, cellId: own.id, ...taken };
    const issues = checkSight(seen, own, look);
    if (issues.length > 0) return refused(...issues);
    used.add(colony.id);
    if (!meant) {
      looks.add(look);
      changes.push({ table: 'inspections', row: look, before: null });
    }
    if (!cell) {
      const row = { ...own, label: labels(colony.id, label) };
      cells.set(row.id, row);
      if (label !== null) named.set(nameOf, row);
      changes.push({ table: 'cells', row, before: null });
    }
    sights.add(seen);
    sights.claim(seen.id);
    changes.push({ table: 'cellObservations', row: seen, before: null });
    return asNew(read);

    /** A cell that the inspection saw in that stage and place, and that no row of the sheet is yet. */
    function alikeAt(lookId: string): Cell | undefined {
      return sights
        .unclaimedAt(lookId)
        .filter(({ found }) => found === taken.found)
        .map((sight) => cells.get(sight.cellId))
        .find((other) => other !== undefined && differences(saidOfCell, other, CELL_FIELDS).length === 0);
    }

    function checkSight(of: Sight, { id: cellIs, label: letter }: Cell, at: typeof look): readonly Issue[] {
      const entry = {
        ...at,
        eggs: 'not-looked-for',
        youngest: null,
        cells: [{ ...of, newCell: cell ? null : {} }],
      } as const;
      const others = sights.ofCell(cellIs).filter((other) => other.inspectionId !== at.id);
      const isThere = inBook.has(at.id);
      const issues = checkEntry(
        entry,
        {
          ...lifeOf(colony),
          cells: cell ? [{ id: cellIs, label: letter }] : [],
          inspections: others.flatMap((other) => {
            const when = looks.byId.get(other.inspectionId);
            return when ? [{ id: when.id, at: when.at, on: dayOfMinute(when.at), cells: [other] }] : [];
          }),
        },
        now.minute,
      );
      return issues.filter(({ code, path }) => code !== 'duplicate-minute' && !(isThere && path[0] === 'at'));
    }
  };

  // What goes by one name is told apart by the days between: the earliest first.
  const inOrder = rows
    .map((read, i) => ({ read, i }))
    .sort((a, b) => String(a.read.values.at ?? '').localeCompare(String(b.read.values.at ?? '')) || a.i - b.i);
  for (const [n, { read, i }] of inOrder.entries()) {
    if (n % ROWS_AT_A_TIME === 0) yield n;
    fates[i] = fateOf(read);
  }
  return { fates, changes: [...hives.added((id) => used.has(id)), ...changes], unknown: hives.unknown };
}

/** Sights of cells: the book's, and those of the sheet as they are taken. A row claims one, so that two rows are never the same one. */
class Sights {
  readonly byId = new Map<string, Sight>();
  readonly #ofLook = new Map<string, Map<string, Sight>>();
  readonly #ofCell = new Map<string, Map<string, Sight>>();
  readonly #claimed = new Set<string>();
  readonly #looks: InspectionsOfBook;

  constructor(sights: readonly Sight[], looks: InspectionsOfBook) {
    this.#looks = looks;
    for (const sight of sights) if (looks.byId.get(sight.inspectionId)?.deletedAt === null) this.add(sight);
  }

  add(sight: Sight): void {
    this.byId.set(sight.id, sight);
    within(this.#ofLook, sight.inspectionId).set(sight.cellId, sight);
    within(this.#ofCell, sight.cellId).set(sight.id, sight);
  }

  of(lookId: string, cellId: string): Sight | undefined {
    return this.#ofLook.get(lookId)?.get(cellId);
  }

  ofCell(cellId: string): readonly Sight[] {
    return [...(this.#ofCell.get(cellId)?.values() ?? [])];
  }

  isClaimed(id: string): boolean {
    return this.#claimed.has(id);
  }

  claim(id: string): void {
    this.#claimed.add(id);
  }

  /** Sights of an inspection that no row has claimed yet. */
  unclaimedAt(lookId: string): readonly Sight[] {
    return [...(this.#ofLook.get(lookId)?.values() ?? [])].filter(({ id }) => !this.#claimed.has(id));
  }

  /** Whether a cell can still be the one that is seen at a minute: not longer after, or before, another sight than cells are there. */
  isAlive(cellId: string, at: string): boolean {
    const on = dayOfMinute(at);
    return this.ofCell(cellId).some(({ inspectionId }) => {
      const look = this.#looks.byId.get(inspectionId);
      return look !== undefined && Math.abs(daysBetween(dayOfMinute(look.at), on)) <= SEEN_FOR;
    });
  }
}

function within<V>(map: Map<string, Map<string, V>>, key: string): Map<string, V> {
  const inner = map.get(key) ?? new Map<string, V>();
  map.set(key, inner);
  return inner;
}
