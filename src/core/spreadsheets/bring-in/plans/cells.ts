import { cellLabels } from '../../../cells/cell-labels';
import { checkEntry } from '../../../colony/check-entry';
import type { CellFinding } from '../../../colony/facts';
import { cellFact } from '../../../facts/inspection';
import { parseInput } from '../../../formats/parse-input';
import type { SeasonFacts } from '../../../formats/season-file';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { differences, isYes, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import { blankInspection, type Inspection, InspectionsOfBook, lifeOf } from '../inspections-of-book';
import { plainWord } from '../matching';
import type { Asked, Fate, Planning } from '../plan';
import type { ReadRow } from '../read-row';
import { type Colony, fault, RowPlan, textOf } from '../row-plan';
import { type Sight, Sights } from '../sights';

type Cell = SeasonFacts['cells'][number];

const CELL_FIELDS = ['place', 'box', 'frame', 'part'] as const;
const SIGHT_FIELDS = ['found', 'takenDown'] as const;

/**
 * Cells, one sight of one cell a row. The inspection at which it was seen is the book's of that minute or day, or is entered with nothing
 * else known of it. A cell is known by its identifier, or within its colony by the name that the sheet has for it: what goes by one name is
 * told apart by the days between, so the earliest rows come first.
 */
export function planCells(rows: readonly ReadRow[], asked: Asked): Planning {
  const at = (i: number) => String(rows[i]?.values.at ?? '');
  return new CellPlan(asked).plan(
    rows,
    [...rows.keys()].sort((a, b) => (at(a) < at(b) ? -1 : at(a) > at(b) ? 1 : a - b)),
  );
}

/** What a row says of a cell, and where. */
interface SeenRow {
  readonly read: ReadRow;
  readonly colony: Colony;
  readonly look: Inspection;
  readonly taken: Pick<Sight, 'found' | 'takenDown'>;
  readonly ofCell: ReturnType<typeof saidOf<(typeof CELL_FIELDS)[number]>>;
  /** The sheet's name for it within its colony; null: it has none. */
  readonly name: string | null;
}

class CellPlan extends RowPlan {
  readonly #looks: InspectionsOfBook;
  readonly #sights: Sights;
  readonly #labels: ReturnType<typeof cellLabels>;
  readonly #cells: Map<string, Cell>;
  readonly #named: Map<string, Cell>;

  constructor(asked: Asked) {
    super(asked);
    const { inspections, cells, cellObservations } = asked.book;
    this.#looks = new InspectionsOfBook(inspections);
    this.#sights = new Sights(cellObservations, this.#looks);
    this.#labels = cellLabels(asked.book);
    this.#cells = new Map(cells.map((cell) => [cell.id, cell]));
    this.#named = new Map(cells.map((cell) => [`${cell.colonyId} ${cell.label}`, cell]));
  }

  protected fateOf(read: ReadRow): Fate {
    const hive = this.hiveOn(read, 'at');
    if (!hive.ok) return asRefused(read, [hive.issue]);
    const found = textOf(read, 'found');
    if (found === null) return asRefused(read, [fault('found', 'missing', say('stage-missing'))]);
    const { colony, at } = hive.is;
    const look = this.#lookOf(read, colony, at);
    if (look.colonyId !== colony.id)
      return asRefused(read, [fault('inspectionId', 'contradiction', say('inspection-moved'))]);
    if (look.deletedAt !== null) return asRefused(read, [fault('inspectionId', 'not-found', say('taken-out-before'))]);
    const label = textOf(read, 'label');
    const row: SeenRow = {
      read,
      colony,
      look,
      taken: { found: found as CellFinding, takenDown: isYes(read.values.takenDown) ?? false },
      ofCell: saidOf(read.values, CELL_FIELDS),
      name: label === null ? null : `${colony.id} ${plainWord(label)}`,
    };
    const cell = this.#cellOf(row);
    if (cell && cell.colonyId !== colony.id)
      return asRefused(read, [fault('cellId', 'contradiction', say('cell-of-another-colony'))]);
    const stands = this.#sightOf(read) ?? (cell && this.#sights.of(look.id, cell.id));
    return cell && stands ? this.#held(row, cell, stands) : this.#entered(row, cell);
  }

  #lookOf(read: ReadRow, colony: Colony, at: string): Inspection {
    const id = textOf(read, 'inspectionId');
    const byId = id === null ? undefined : this.#looks.byId.get(id);
    const meant = byId ?? this.#looks.meant(colony.id, at, read.hasTime);
    return meant ?? blankInspection(id ?? this.asked.newId(), colony.id, at);
  }

  #sightOf(read: ReadRow): Sight | undefined {
    return this.#sights.byId.get(textOf(read, 'id') ?? '');
  }

  /** By its identifier, by what stands of this very sight, by its name, or as one seen so at that inspection that no row is yet. */
  #cellOf({ read, look, name, taken, ofCell }: SeenRow): Cell | undefined {
    const id = textOf(read, 'cellId');
    const byId = this.#cells.get(id ?? this.#sightOf(read)?.cellId ?? '');
    if (byId) return byId;
    const sameName = name === null ? undefined : this.#named.get(name);
    if (sameName && this.#sights.isAlive(sameName.id, look.at)) return sameName;
    if (id !== null) return undefined;
    return this.#sights
      .unclaimedAt(look.id)
      .filter(({ found }) => found === taken.found)
      .map(({ cellId }) => this.#cells.get(cellId))
      .find((other) => other !== undefined && differences(ofCell, other, CELL_FIELDS).length === 0);
  }

  #held(row: SeenRow, cell: Cell, stands: Sight): Fate {
    const { read, taken, ofCell } = row;
    if (this.#sights.isClaimed(stands))
      return asRefused(read, [fault('label', 'duplicate-observation', say('twice-in-sheet'))]);
    this.#sights.claim(stands);
    const moved = differences(ofCell, cell, CELL_FIELDS);
    const differs = [...differences(taken, stands, SIGHT_FIELDS), ...moved];
    if (differs.length === 0 || !this.asked.matching.isOverBook) return asHeld(read, differs);
    const sight = { ...stands, ...taken };
    const wrong = this.#issuesOf(row, sight, cell);
    if (wrong.length > 0) return asRefused(read, wrong);
    this.#sights.add(sight);
    this.write('cellObservations', sight, stands);
    if (moved.length > 0) {
      const put = { ...cell, ...ofCell } as Cell;
      this.#cells.set(cell.id, put);
      this.write('cells', put, cell);
    }
    return asHeld(read, differs);
  }

  #entered(row: SeenRow, known: Cell | undefined): Fate {
    const { read, colony, look, taken, name } = row;
    const cell = known ?? this.#newCell(row);
    const sight: Sight = {
      id: textOf(read, 'id') ?? this.asked.newId(),
      inspectionId: look.id,
      cellId: cell.id,
      ...taken,
    };
    const parsed = parseInput(cellFact, cell);
    const wrong = parsed.ok ? this.#issuesOf(row, sight, known) : parsed.issues;
    if (wrong.length > 0) return asRefused(read, wrong);
    this.uses(colony);
    if (!this.#looks.byId.has(look.id)) {
      this.#looks.add(look);
      this.write('inspections', look);
    }
    if (!known) {
      const own = { ...cell, label: this.#labels(colony.id, name?.slice(colony.id.length + 1) ?? null) };
      this.#cells.set(own.id, own);
      if (name !== null) this.#named.set(name, own);
      this.write('cells', own);
    }
    this.#sights.add(sight);
    this.#sights.claim(sight);
    this.write('cellObservations', sight);
    return asNew(read);
  }

  /** It gets its letter when it is taken. */
  #newCell({ read, colony, ofCell }: SeenRow): Cell {
    const bare = { place: 'not-said', box: null, frame: null, part: null, label: 'new' };
    return { ...bare, ...ofCell, id: textOf(read, 'cellId') ?? this.asked.newId(), colonyId: colony.id } as Cell;
  }

  /** @param known the cell, where it is there before this row */
  #issuesOf({ colony, look }: SeenRow, sight: Sight, known: Cell | undefined): readonly Issue[] {
    const isInBook = this.#looks.byId.has(look.id);
    const issues = checkEntry(
      { ...look, eggs: 'not-looked-for', youngest: null, cells: [{ ...sight, newCell: known ? null : {} }] },
      {
        ...lifeOf(colony),
        cells: known ? [known] : [],
        inspections: this.#sights.elsewhere(sight.cellId, look.id),
      },
      this.asked.now.minute,
    );
    return issues.filter(({ code, path }) => code !== 'duplicate-minute' && !(isInBook && path[0] === 'at'));
  }
}
