import { queenIdIn } from '../../core/queens/queen-questions';
import 'server-only';
import { and, eq, isNull, ne } from 'drizzle-orm';
import { v7 as newId } from 'uuid';
import { type Day, day } from '../../core/calendar/day';
import type { Now } from '../../core/calendar/now';
import type { ColonyOrigin } from '../../core/colony/facts';
import type { ProgrammeStart } from '../../core/facts/programme-start';
import type { Method } from '../../core/methods/method';
import { methodNamed, newUnitOf } from '../../core/methods/methods';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import { checkStart, type StartBook } from '../../core/starts/check-start';
import type { ColonyState } from '../../core/state/fold';
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
import { reckoned } from '../known-states';

/**
 * Begins a method on a colony: stores it with the colonies that its units are, the cells that were kept and the cell that was
 * given, all or nothing. Sent again it lands once.
 */
export function startProgramme(db: Db, start: ProgrammeStart, now: Now): Result<{ id: string }> {
  return db.transaction(
    (tx) => {
      const stored = tx.select().from(programmes).where(eq(programmes.id, start.id)).get();
      if (stored && (stored.colonyId !== start.colonyId || stored.method !== start.method))
        return failure({ path: ['id'], code: 'duplicate-id', message: say('in-records-already') });
      if (stored) return success({ id: start.id });
      const colony = standingColony(tx, start.colonyId);
      const on = day(start.on);
      const facts = loadColonyFacts(tx, { colonyIds: [start.colonyId] }).get(start.colonyId);
      if (!colony || !facts) {
        return failure({ path: ['colonyId'], code: 'unknown-reference', message: say('choose-a-colony') });
      }
      const method = methodNamed(start.method);
      const { state } = reckoned(facts, loadSettings(tx), on);
      if (!state) {
        return failure({ path: ['colonyId'], code: 'unreckonable', message: say('colony-cannot-be-worked-out') });
      }
      const issues = checkStart({ start, method, colony: facts, state, today: now.today, book: bookOf(tx, on) });
      if (issues.length > 0) return failure(...issues);
      write(tx, start, { method, colony, state, now });
      return success({ id: start.id });
    },
    { behavior: 'immediate' },
  );
}

/** What the book knows beside the colony, on the day of a start. */
function bookOf(db: Db, on: Day): StartBook {
  const settings = loadSettings(db);
  return {
    hasApiary: (id) => db.select().from(apiaries).where(eq(apiaries.id, id)).get() !== undefined,
    colonyOf: (id) => standingColony(db, id),
    isColonyId: (id) => db.select().from(colonies).where(eq(colonies.id, id)).get() !== undefined,
    namesakeOf: (name, id) =>
      db
        .select()
        .from(colonies)
        .where(and(eq(colonies.name, name), isNull(colonies.endedOn), isNull(colonies.deletedAt), ne(colonies.id, id)))
        .get()?.name,
    giverOf: (cellId) => db.select().from(cells).where(eq(cells.id, cellId)).get()?.colonyId,
    moveOf: (cellId) => db.select().from(cellMoves).where(eq(cellMoves.cellId, cellId)).get(),
    hasMove: (id) => db.select().from(cellMoves).where(eq(cellMoves.id, id)).get() !== undefined,
    stateOf: (id) => {
      const facts = loadColonyFacts(db, { colonyIds: [id] }).get(id);
      return (facts && reckoned(facts, settings, on).state) ?? undefined;
    },
  };
}

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
  if (method.units.some((unit) => unit.queen === 'laying')) return queenIdIn(queen);
  if (!method.units.some((unit) => unit.queen === 'caged')) return null;
  const id = newId();
  db.insert(queens)
    .values({ id, motherQueenId: null, origin: 'bought', emergedFrom: null, emergedTo: null, note: '' })
    .run();
  return id;
}
