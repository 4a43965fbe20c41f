import 'server-only';
import { inArray } from 'drizzle-orm';
import { methodNamed } from '../core/methods/methods';
import type { ColonyState } from '../core/state/fold';
import type { Db } from '../db/open';
import { colonies } from '../db/schema/tables';
import type { NamedColony } from '../views/all-apiaries';
import type { DueAt } from '../views/due-view';

/** What answering and moving a colony's checks has to know of it. */
export function dueAt(db: Db, { id, name }: NamedColony, { parts, schedule }: ColonyState): DueAt {
  const split = parts.findLast(
    ({ queen, half, programme }) =>
      (queen === 'either' && half === null) || methodNamed(programme.method).unitsMayChange,
  );
  const ids = split ? [...new Set(split.programme.units.map(({ colonyId }) => colonyId))] : [];
  const halves =
    ids.length === 0
      ? []
      : db.select({ id: colonies.id, name: colonies.name }).from(colonies).where(inArray(colonies.id, ids)).all();
  return { colonyId: id, colonyName: name, leaveShut: schedule.leaveShut, halves };
}
