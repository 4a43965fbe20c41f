import 'server-only';
import { eq, isNull } from 'drizzle-orm';
import type { Day } from '../../core/calendar/day';
import type { ColonyFacts } from '../../core/colony/facts';
import { type Afternoons, afternoonsOf } from '../../core/weather/afternoons';
import { colonyChanges } from '../../db/changed-colonies';
import type { OpenedDatabase } from '../../db/open';
import { apiaries, colonies } from '../../db/schema/tables';
import { isDemo } from '../demo-mode';
import { hoursAt } from './hours';

interface Known {
  readonly version: string;
  readonly afternoons: Afternoons | null;
}

/** Afternoons by the apiary as last reckoned, of each opened book. */
const known = new WeakMap<object, Map<string, Known>>();

/** The afternoons at each apiary; the very same object while its weather has not changed. Null: nothing is known of it. */
function afternoonsAt(opened: OpenedDatabase, today: Day): (apiaryId: string) => Afternoons | null {
  const byOthers = opened.sqlite.pragma('data_version', { simple: true });
  const changes = colonyChanges(opened.sqlite);
  const last = known.get(opened) ?? new Map<string, Known>();
  known.set(opened, last);
  return (apiaryId) => {
    const version = `${byOthers} ${changes.get(apiaryId) ?? 0} ${isDemo() ? today : ''}`;
    const before = last.get(apiaryId);
    if (before?.version === version) return before.afternoons;
    const hours = hoursAt(opened, apiaryId, today, null);
    const afternoons = hours.length === 0 ? null : afternoonsOf(hours);
    last.set(apiaryId, { version, afternoons });
    return afternoons;
  };
}

/** Facts of colonies with the weather where each stands, as far as any is known. */
export function withAfternoons(
  opened: OpenedDatabase,
  facts: ReadonlyMap<string, ColonyFacts>,
  today: Day,
): ReadonlyMap<string, ColonyFacts> {
  const at = afternoonsAt(opened, today);
  const rows = opened.db
    .select({ id: colonies.id, apiaryId: apiaries.id })
    .from(colonies)
    .innerJoin(apiaries, eq(colonies.apiaryId, apiaries.id))
    .where(isNull(colonies.deletedAt))
    .all();
  const apiaryOf = new Map(rows.map(({ id, apiaryId }) => [id, apiaryId]));
  return new Map(
    [...facts].map(([id, own]) => {
      const apiaryId = apiaryOf.get(id);
      const afternoons = apiaryId === undefined ? null : at(apiaryId);
      return [id, afternoons ? { ...own, afternoons } : own];
    }),
  );
}
