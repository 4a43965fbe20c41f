import 'server-only';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { FramePlan } from '../../core/facts/frame-plan';
import type { Db } from '../open';
import { framePlans } from '../schema/tables';

/** A plan that stands; null: there is none, or it was given up. */
export function findFramePlan(db: Db, id: string): FramePlan | null {
  const row = db
    .select()
    .from(framePlans)
    .where(and(eq(framePlans.id, id), isNull(framePlans.deletedAt)))
    .get();
  if (!row) return null;
  const { deletedAt: _, ...plan } = row;
  return plan;
}

/** A colony's plans that stand, newest first. */
export function framePlansOf(db: Db, colonyId: string): readonly FramePlan[] {
  return db
    .select()
    .from(framePlans)
    .where(and(eq(framePlans.colonyId, colonyId), isNull(framePlans.deletedAt)))
    .orderBy(desc(framePlans.on), desc(framePlans.id))
    .all()
    .map(({ deletedAt: _, ...plan }) => plan);
}

/** Plans that are still to be worked off, by id. */
export function openFramePlans(db: Db): readonly string[] {
  return db
    .select({ id: framePlans.id })
    .from(framePlans)
    .where(and(isNull(framePlans.finishedAt), isNull(framePlans.deletedAt)))
    .all()
    .map(({ id }) => id);
}

/** Lists that are still to be worked off: of which colony, by which method, and on which day they were meant to be. */
export const openLists = (db: Db): readonly Pick<FramePlan, 'colonyId' | 'method' | 'on'>[] =>
  db
    .select({ colonyId: framePlans.colonyId, method: framePlans.method, on: framePlans.on })
    .from(framePlans)
    .where(and(isNull(framePlans.finishedAt), isNull(framePlans.deletedAt)))
    .orderBy(framePlans.id)
    .all();

/** Of each list that is still to be worked off the colony that it was made for, and the other colonies of it. */
export const openFrameGifts = (db: Db): readonly (readonly [giver: string, receiver: string])[] =>
  db
    .select({ colonyId: framePlans.colonyId, units: framePlans.units })
    .from(framePlans)
    .where(and(isNull(framePlans.finishedAt), isNull(framePlans.deletedAt)))
    .orderBy(framePlans.id)
    .all()
    .flatMap(({ colonyId, units }) =>
      units.filter(({ name }) => name !== colonyId).map(({ name }) => [colonyId, name] as const),
    );

export function writeFramePlan(db: Db, plan: FramePlan): void {
  const row = { ...plan, deletedAt: null };
  db.insert(framePlans).values(row).onConflictDoUpdate({ target: framePlans.id, set: row }).run();
}
