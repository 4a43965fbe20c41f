import 'server-only';
import { eq, isNull } from 'drizzle-orm';
import type { Day } from '../../core/calendar/day';
import type { ColonyFacts } from '../../core/colony/facts';
import { type Afternoons, afternoonsOf } from '../../core/weather/afternoons';
import { keptKind } from '../../db/kept';
import type { Book } from '../../db/open';
import { apiaries, colonies } from '../../db/schema/tables';
import { changesNow, ownVersion } from '../changes-now';
import { isDemo } from '../demo-mode';
import { workedOut } from '../worked-out';
import { hoursAt } from './hours';

const AFTERNOONS = keptKind<Afternoons | null>('afternoons');

/** Facts of colonies with the weather where each stands, as far as any is known: the very same while it has not changed. */
export function withAfternoons(
  opened: Book,
  facts: ReadonlyMap<string, ColonyFacts>,
  today: Day,
): ReadonlyMap<string, ColonyFacts> {
  const changes = changesNow(opened);
  // The demo's station tells its hours anew each day.
  const beside = isDemo() ? String(today) : '';
  const at = (apiaryId: string) =>
    opened.kept.value(AFTERNOONS, apiaryId, [...ownVersion(changes, apiaryId), beside], () => {
      const hours = hoursAt(opened, apiaryId, today, null);
      return hours.length === 0 ? null : workedOut(() => afternoonsOf(hours), null);
    });
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
