import 'server-only';
import { and, desc, eq } from 'drizzle-orm';
import { dayOfMinute } from '../core/calendar/day';
import { factsWith, factsWithout } from '../core/colony/facts-with';
import { inspectionEntry } from '../core/facts/entry';
import type { Db } from '../db/open';
import { inspections, revisions } from '../db/schema/tables';
import { correctionLines, type MoveLine } from '../views/moves-view';
import type { ColonyOnDay } from './colony-page';
import { reckoned } from './known-states';

/** Which dates the last correction, deletion or restoring of one of the colony's inspections has moved. Empty when there was none. */
export function loadCorrectionMoves(db: Db, { colony, facts, settings, state }: ColonyOnDay): readonly MoveLine[] {
  const last = db
    .select({ revision: revisions, deletedAt: inspections.deletedAt })
    .from(revisions)
    .innerJoin(inspections, eq(revisions.entityId, inspections.id))
    .where(and(eq(inspections.colonyId, colony.id), eq(revisions.entity, 'inspection')))
    .orderBy(desc(revisions.id))
    .limit(2)
    .all();
  const [newest, secondNewest] = last;
  if (!newest) return [];
  const entry = inspectionEntry.safeParse(newest.revision.before);
  if (!entry.success) return [];
  const isRestored =
    secondNewest?.revision.entityId === newest.revision.entityId &&
    secondNewest.revision.action === 'deleted' &&
    newest.deletedAt === null;
  const earlier = isRestored ? factsWithout(facts, entry.data.id) : factsWith(facts, entry.data);
  const before = reckoned(earlier, settings, state.today).state;
  if (!before) return [];
  return correctionLines(before, state, {
    id: newest.revision.id,
    on: dayOfMinute(entry.data.at),
    action: isRestored ? 'restored' : newest.revision.action,
  });
}
