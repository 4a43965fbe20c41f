import { dayOfMinute } from '../../../calendar/day';
import { cellLabels } from '../../../cells/cell-labels';
import { type CellStage, isLive } from '../../../cells/stage';
import { checkEntry } from '../../../colony/check-entry';
import { inspectionFact } from '../../../facts/inspection';
import { parseInput } from '../../../formats/parse-input';
import type { Issue } from '../../../problems/issue';
import { say } from '../../../problems/says';
import { differences, isYes, saidOf } from '../compare';
import { asHeld, asNew, asRefused } from '../fate';
import { type FIELDS as ALL_FIELDS, type FieldCode, fieldsOf } from '../fields';
import { blankInspection, type Inspection, InspectionsOfBook, lifeOf } from '../inspections-of-book';
import type { Asked, Change, Fate, Planning } from '../plan';
import type { ReadRow, Values } from '../read-row';
import { type Colony, fault, RowPlan, textOf } from '../row-plan';
import { SightsToEnd } from '../sights-to-end';

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
const COMPARED = [...FIELDS, 'isByHelper'] as const;

/**
 * Inspections, one a row. One that the book knows by its identifier, its minute, or its day where that is all that the sheet says, is held
 * against what stands there; a new one is held against the rules that hold for an entry.
 */
export const planInspections = (rows: readonly ReadRow[], asked: Asked): Planning =>
  new InspectionPlan(asked).plan(rows);

class InspectionPlan extends RowPlan {
  readonly #known: InspectionsOfBook;
  readonly #labels: ReturnType<typeof cellLabels>;
  /** Inspections that a row of the sheet is already. */
  readonly #met = new Set<string>();
  readonly #sightsToEnd: SightsToEnd;

  constructor(asked: Asked) {
    super(asked);
    this.#known = new InspectionsOfBook(asked.book.inspections);
    this.#labels = cellLabels(asked.book);
    this.#sightsToEnd = new SightsToEnd(asked.book);
  }

  protected fateOf(read: ReadRow): Fate {
    const hive = this.hiveOn(read, 'at');
    if (!hive.ok) return asRefused(read, [hive.issue]);
    const { colony, at } = hive.is;
    const id = textOf(read, 'id');
    const stands = id === null ? this.#known.meant(colony.id, at, read.hasTime) : (this.#known.byId.get(id) ?? null);
    if (!stands) return this.#entered(read, colony, blankInspection(id ?? this.asked.newId(), colony.id, at));
    const wrong = this.#cannotBe(stands, colony);
    return wrong ? asRefused(read, [wrong]) : this.#held(read, colony, stands);
  }

  #cannotBe(stands: Inspection, colony: Colony): Issue | null {
    if (stands.colonyId !== colony.id) return fault('id', 'duplicate-id', say('inspection-moved'));
    if (this.#met.has(stands.id)) return fault('at', 'duplicate-minute', say('twice-in-sheet'));
    return stands.deletedAt === null ? null : fault('id', 'not-found', say('taken-out-before'));
  }

  #held(read: ReadRow, colony: Colony, stands: Inspection): Fate {
    this.#met.add(stands.id);
    // Of a day alone the time is the book's.
    const said = { ...saidOfLook(read.values), ...(read.hasTime ? {} : { at: stands.at }) };
    const differs = differences(said, stands, COMPARED);
    if (differs.length === 0) return asHeld(read, []);
    const row = { ...stands, ...said } as Inspection;
    const wrong = this.#issuesOf(row, colony, null, true);
    if (wrong.length > 0) return asRefused(read, wrong);
    if (this.asked.matching.isOverBook) this.write('inspections', row, stands);
    return asHeld(read, differs);
  }

  #entered(read: ReadRow, colony: Colony, blank: Inspection): Fate {
    const cell = cellInAWord(read.values);
    const row = { ...blank, ...saidOfLook(read.values) } as Inspection;
    const wrong = this.#issuesOf(row, colony, cell, textOf(read, 'id') !== null);
    if (wrong.length > 0) return asRefused(read, wrong);
    this.#known.add(row);
    this.#met.add(row.id);
    this.uses(colony);
    this.write('inspections', row);
    if (cell === 'none') this.#sightsToEnd.none(row);
    else if (cell !== null) this.#writeCell(row, cell);
    return asNew(read);
  }

  /** Where no cell was found, those of before are gone, in whatever order the rows stand. */
  protected override finished(): readonly Change[] {
    for (const { cellId, inspectionId } of this.#sightsToEnd.gone())
      this.write('cellObservations', {
        id: this.asked.newId(),
        inspectionId,
        cellId,
        found: 'not-found',
        takenDown: false,
      });
    return this.changes;
  }

  /** @param hasId two of one minute may stand in a book; of a sheet that does not tell them apart they are one twice */
  #issuesOf(row: Inspection, colony: Colony, cell: CellInAWord, hasId: boolean): readonly Issue[] {
    const { deletedAt: _, ...fact } = row;
    const parsed = parseInput(inspectionFact, fact);
    if (!parsed.ok) return parsed.issues;
    const found = cell === null || cell === 'none' ? [] : [{ cellId: '', found: cell, takenDown: false, newCell: {} }];
    const others = this.#known.onDayOf(colony.id, row.at);
    const inspections = others.map((look) => ({ ...look, on: dayOfMinute(look.at), cells: [] }));
    const issues = checkEntry(
      { ...parsed.value, cells: found },
      { ...lifeOf(colony), cells: [], inspections },
      this.asked.now.minute,
    );
    return issues.filter(({ code }) => code !== 'duplicate-minute' || !hasId);
  }

  #writeCell({ id, colonyId, at }: Inspection, found: CellStage): void {
    const [cellId, label] = [this.asked.newId(), this.#labels(colonyId, null)];
    this.write('cells', { id: cellId, colonyId, label, place: 'not-said', box: null, frame: null, part: null });
    this.write('cellObservations', { id: this.asked.newId(), inspectionId: id, cellId, found, takenDown: false });
    this.#sightsToEnd.seen({ cellId, colonyId, at, isLive: isLive(found) });
  }
}

function saidOfLook(values: Values) {
  const helper = isYes(values.isByHelper);
  const said = saidOf({ ...values, until: untilOf(values) ?? null }, FIELDS);
  return helper === null ? said : { ...said, isByHelper: helper };
}

/** A time of day alone, as of when the hive was shut again, is one of the inspection's own day. */
const untilOf = ({ until, at }: Values) =>
  typeof until === 'string' && typeof at === 'string' && !until.includes('T') ? `${at.slice(0, 10)}T${until}` : until;

type CellInAWord = 'none' | CellStage | null;
const cellInAWord = ({ cells }: Values): CellInAWord => (typeof cells === 'string' ? (cells as CellInAWord) : null);
