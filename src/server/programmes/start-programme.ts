import 'server-only';
import { and, eq, isNull, ne } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import { type Day, day } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import type { ColonyFacts, ColonyOrigin } from '../../core/colony/facts';
import { type ColonyState, foldColony } from '../../core/colony/fold';
import { isBeforeColony } from '../../core/colony/known-since';
import type { ProgrammeStart } from '../../core/facts/programme-start';
import type { Method } from '../../core/methods/method';
import { mayBuyQueen, methodNamed, needsKeptCell } from '../../core/methods/methods';
import { failure, type Issue, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { shutOn } from '../../core/schedule/leave-shut-wins';
import type { Db } from '../../db/open';
import { loadColonyFacts } from '../../db/repositories/colony-facts';
import { freeLabels } from '../../db/repositories/inspection-entry';
import { addRevision } from '../../db/repositories/revisions';
import { loadSettings } from '../../db/repositories/settings';
import { standingColony } from '../../db/repositories/standing-colony';
import {
  apiaries,
  cellMoves,
  cells,
  colonies,
  keptCells,
  programmes,
  programmeUnits,
  queens,
  stepsDone,
} from '../../db/schema/tables';
import { keepFormerPlace } from '../entries/former-place';

/**
 * Begins a method on a colony: stores it with the colonies that its units are, the cells that were kept and the cell that was
 * given, all or nothing. Sent again it lands once.
 */
export function startProgramme(db: Db, start: ProgrammeStart, now: Now): Result<{ id: string }> {
  return db.transaction(
    (tx) => {
      const stored = tx.select().from(programmes).where(eq(programmes.id, start.id)).get();
      if (stored && (stored.colonyId !== start.colonyId || stored.method !== start.method))
        return failure(KNOWN_ID(['id']));
      if (stored) return success({ id: start.id });
      const colony = standingColony(tx, start.colonyId);
      const on = day(start.on);
      const facts = loadColonyFacts(tx, { colonyIds: [start.colonyId] }).get(start.colonyId);
      if (!colony || !facts) {
        return failure({ path: ['colonyId'], code: 'unknown-reference', message: say('choose-a-colony') });
      }
      const method = methodNamed(start.method);
      const state = foldColony(facts, loadSettings(tx), on);
      const issues = [
        ...dayIssues(on, start.to === null ? null : day(start.to), facts, state, now),
        ...unitIssues(tx, start, method),
        ...unionIssues(tx, start, on),
        ...cellIssues(tx, start, method, state),
        ...frameIssues(tx, start, method, state),
      ];
      if (issues.length > 0) return failure(...issues);
      write(tx, start, { method, colony, state, now });
      return success({ id: start.id });
    },
    { behavior: 'immediate' },
  );
}

/** What is new here must not go by the name of something that is in the book. */
const KNOWN_ID = (path: Issue['path']): Issue => ({
  path,
  code: 'duplicate-id',
  message: say('in-records-already'),
});

function dayIssues(on: Day, to: Day | null, facts: ColonyFacts, { ended }: ColonyState, { today }: Now): Issue[] {
  const path = ['on'];
  if (to !== null && (to < on || to > today)) {
    const message = say('last-day-out-of-range', { today });
    return [{ path: ['to'], code: 'out-of-range', message }];
  }
  if (on > today) {
    const message = say('start-in-the-future', { today });
    return [{ path, code: 'in-the-future', message }];
  }
  if (isBeforeColony(facts, on)) {
    const message = say('colony-began-later', { startedOn: facts.startedOn });
    return [{ path, code: 'before-colony', message }];
  }
  return ended ? [{ path, code: 'after-colony-ended', message: say('colony-had-ended') }] : [];
}

function unitIssues(db: Db, { newColony, withColonyId, colonyId }: ProgrammeStart, method: Method): Issue[] {
  const makesOne = newUnitOf(method) !== undefined;
  const issues: Issue[] = [];
  if (makesOne !== (newColony !== null)) {
    const message = makesOne ? say('new-colony-missing') : say('no-new-colony');
    issues.push({ path: ['newColony'], code: makesOne ? 'missing' : 'not-for-this-method', message });
  }
  if (newColony && !db.select().from(apiaries).where(eq(apiaries.id, newColony.apiaryId)).get()) {
    const message = say('choose-an-apiary');
    issues.push({ path: ['newColony', 'apiaryId'], code: 'unknown-reference', message });
  }
  if (newColony && db.select().from(colonies).where(eq(colonies.id, newColony.id)).get()) {
    issues.push(KNOWN_ID(['newColony', 'id']));
  }
  const namesake =
    newColony &&
    db
      .select()
      .from(colonies)
      .where(
        and(
          eq(colonies.name, newColony.name),
          isNull(colonies.endedOn),
          isNull(colonies.deletedAt),
          ne(colonies.id, newColony.id),
        ),
      )
      .get();
  if (namesake) {
    const message = say('colony-name-taken', { name: namesake.name });
    issues.push({ path: ['newColony', 'name'], code: 'duplicate-id', message });
  }
  const isUnion = method.units.some(({ queen }) => queen === 'ends');
  const other = withColonyId && standingColony(db, withColonyId);
  if (isUnion && (!other || other.endedOn !== null || withColonyId === colonyId)) {
    const message = say('choose-whom-to-unite');
    issues.push({ path: ['withColonyId'], code: 'unknown-reference', message });
  }
  if (!isUnion && withColonyId !== null) {
    const message = say('united-with-none', { method: method.name });
    issues.push({ path: ['withColonyId'], code: 'not-for-this-method', message });
  }
  return issues;
}

/** Nobody unites with laying workers or a drone layer unsaid, nor with a hive that is to be left shut. */
function unionIssues(db: Db, { withColonyId, colonyId }: ProgrammeStart, on: Day): Issue[] {
  if (withColonyId === null) return [];
  const settings = loadSettings(db);
  return [withColonyId, colonyId].flatMap((id): Issue[] => {
    const facts = loadColonyFacts(db, { colonyIds: [id] }).get(id);
    const name = standingColony(db, id)?.name ?? 'It';
    if (!facts) return [];
    const { lastLook, schedule } = foldColony(facts, settings, on);
    const path = ['withColonyId'];
    if (lastLook?.reading.reading === 'drone-laying') {
      const message = say('has-laying-workers', { name });
      return [{ path, code: 'contradiction', message }];
    }
    const shut = shutOn(schedule.leaveShut, on);
    if (!shut) return [];
    const message = say('to-be-left-shut', { name, to: shut.to });
    return [{ path, code: 'contradiction', message }];
  });
}

/** Frames do not go to two places: two cells of one frame cannot both travel on it. */
function frameIssues(
  db: Db,
  { keptCellIds, on }: ProgrammeStart,
  method: Method,
  { cells: known }: ColonyState,
): Issue[] {
  if (!newUnitOf(method) || newUnitOf(method)?.name !== method.raisesQueen?.unit) return [];
  return keptCellIds.flatMap((id, i): Issue[] => {
    const cell = known.find((one) => one.cell.id === id)?.cell;
    if (!cell || cell.frame === null) return [];
    const beside = known.filter(
      (one) => one.cell.id !== id && one.cell.frame === cell.frame && one.cell.box === cell.box && one.givenTo !== null,
    );
    const gone = beside.find((one) => {
      const move = db.select().from(cellMoves).where(eq(cellMoves.cellId, one.cell.id)).get();
      return move?.travel === 'on-frame' && move.on === on;
    });
    if (!gone) return [];
    const message = say('frame-went-elsewhere', { label: gone.cell.label });
    return [{ path: ['keptCellIds', i], code: 'contradiction', message }];
  });
}

function cellIssues(
  db: Db,
  { keptCellIds, gift, colonyId, buysQueen }: ProgrammeStart,
  method: Method,
  state: ColonyState,
): Issue[] {
  const live = new Set(state.liveCells.map(({ cell }) => cell.id));
  const strange = keptCellIds.findIndex((id) => !live.has(id));
  if (strange >= 0) {
    const message = say('cell-not-live');
    return [{ path: ['keptCellIds', strange], code: 'unknown-reference', message }];
  }
  if (keptCellIds.length > 0 && !method.options.includes('keptCells')) {
    return [
      { path: ['keptCellIds'], code: 'not-for-this-method', message: say('no-cell-is-kept', { method: method.name }) },
    ];
  }
  if (buysQueen && !mayBuyQueen(method)) {
    const message = say('needs-no-bought-queen', { method: method.name });
    return [{ path: ['buysQueen'], code: 'not-for-this-method', message }];
  }
  if (buysQueen && keptCellIds.length > 0) {
    const message = say('bought-queen-among-cells');
    return [{ path: ['buysQueen'], code: 'contradiction', message }];
  }
  const needsGift = method.name === 'give-cell';
  if (needsGift !== (gift !== null)) {
    const message = needsGift ? say('choose-the-cell-given') : say('no-cell-is-given');
    return [{ path: ['gift'], code: needsGift ? 'missing' : 'not-for-this-method', message }];
  }
  if (needsKeptCell(method) && keptCellIds.length === 0) {
    const message = newUnitOf(method) ? say('choose-the-cell-for-the-new') : say('choose-the-cell-kept');
    return [{ path: ['keptCellIds'], code: 'missing', message }];
  }
  const given = gift && db.select().from(cells).where(eq(cells.id, gift.cellId)).get();
  if (gift && (!given || given.colonyId === colonyId)) {
    return [{ path: ['gift', 'cellId'], code: 'unknown-reference', message: say('cell-of-another-wanted') }];
  }
  const gone = gift && db.select().from(cellMoves).where(eq(cellMoves.cellId, gift.cellId)).get();
  if (gone) {
    return [{ path: ['gift', 'cellId'], code: 'contradiction', message: say('cell-given-already') }];
  }
  if (gift && db.select().from(cellMoves).where(eq(cellMoves.id, gift.moveId)).get()) {
    return [KNOWN_ID(['gift', 'moveId'])];
  }
  return [];
}

/** The unit that becomes a colony of its own. */
const newUnitOf = ({ units }: Method) => units.find(({ isNewColony }) => isNewColony);

interface Begun {
  readonly method: Method;
  readonly colony: typeof colonies.$inferSelect;
  readonly state: ColonyState;
  readonly now: Now;
}

function write(db: Db, start: ProgrammeStart, { method, colony, state, now }: Begun): void {
  const { id, colonyId, at, on, to, note, newColony, withColonyId, stand, gift } = start;
  const { secondThinning, onlySealedBroodUp, queenShakenDown, buysQueen, turnsDaily } = start;
  if (newColony) {
    const origin: ColonyOrigin = newUnitOf(method)?.name === 'nuc' ? 'nuc' : 'split';
    db.insert(colonies)
      .values({
        ...newColony,
        origin,
        parentColonyId: colonyId,
        startedOn: on,
        endedOn: null,
        note: '',
        wanted: 'nothing',
      })
      .run();
  }
  if (stand !== null && stand !== colony.stand) {
    addRevision(db, { entity: 'colony', entityId: colonyId, action: 'corrected', before: colony }, now);
    keepFormerPlace(db, colony, { ...colony, stand }, day(on));
    db.update(colonies).set({ stand }).where(eq(colonies.id, colonyId)).run();
  }
  const queenId = queenOf(db, method, state);
  db.insert(programmes)
    .values({
      id,
      colonyId,
      method: method.name,
      at,
      on,
      to,
      endedOn: null,
      secondThinning,
      onlySealedBroodUp,
      queenShakenDown,
      buysQueen,
      turnsDaily,
      queenId,
      note,
      deletedAt: null,
    })
    .run();
  if (start.stepsDone) {
    const done = at ?? `${on}T12:00`;
    for (const step of method.steps.keys())
      db.insert(stepsDone).values({ id: newId(), programmeId: id, step, at: done }).run();
  }
  for (const { name, isNewColony, queen } of method.units) {
    const isOther = withColonyId !== null && queen !== 'ends';
    const unitColony = isNewColony && newColony ? newColony.id : isOther ? withColonyId : colonyId;
    db.insert(programmeUnits).values({ id: newId(), programmeId: id, unit: name, colonyId: unitColony }).run();
  }
  if (gift) {
    const label = freeLabels(db, colonyId)();
    const { moveId, cellId, travel } = gift;
    db.insert(cellMoves).values({ id: moveId, cellId, toColonyId: colonyId, label, at, on, travel }).run();
  }
  // Kept cells go with the unit that raises the queen.
  if (newColony && newUnitOf(method)?.name === method.raisesQueen?.unit) {
    const freeLabel = freeLabels(db, newColony.id);
    for (const cellId of start.keptCellIds) {
      const move = {
        id: newId(),
        cellId,
        toColonyId: newColony.id,
        label: freeLabel(),
        at,
        on,
        travel: 'on-frame' as const,
      };
      db.insert(cellMoves).values(move).run();
    }
  }
  for (const cellId of gift ? [gift.cellId] : start.keptCellIds) {
    db.insert(keptCells).values({ id: newId(), programmeId: id, cellId }).run();
  }
}

/** The queen that goes to another unit, as far as she is in the book, or the one that is bought, who is new to it. */
function queenOf(db: Db, method: Method, { queen }: ColonyState): string | null {
  if (method.units.some((unit) => unit.queen === 'laying')) return queen.queenId;
  if (!method.units.some((unit) => unit.queen === 'caged')) return null;
  const id = newId();
  db.insert(queens)
    .values({ id, motherQueenId: null, origin: 'bought', emergedFrom: null, emergedTo: null, note: '' })
    .run();
  return id;
}
