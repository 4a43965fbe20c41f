import 'server-only';
import { isNull } from 'drizzle-orm';
import { day } from '../../core/calendar/day';
import type { KitEntry } from '../../core/kit/kit-entry';
import type { Db } from '../open';
import { kitEntries } from '../schema/tables';

/** What the keeper said of his kit, in the order in which it was. */
export const loadKitEntries = (db: Db): readonly KitEntry[] =>
  db
    .select()
    .from(kitEntries)
    .where(isNull(kitEntries.deletedAt))
    .orderBy(kitEntries.at, kitEntries.id)
    .all()
    .map(
      ({ deletedAt: _, frozenSince, ...entry }) =>
        ({ ...entry, frozenSince: frozenSince === null ? null : day(frozenSince) }) as KitEntry,
    );
