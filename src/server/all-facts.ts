import 'server-only';
import type { Day } from '../core/calendar/day';
import { assembleFacts, type OwnFacts } from '../core/colony/assemble';
import type { ColonyFacts } from '../core/colony/facts';
import { keptKind } from '../db/kept';
import type { Book } from '../db/open';
import { loadOwnFacts } from '../db/repositories/colony-facts';
import { loadSharedFacts } from '../db/repositories/shared-facts';
import { type ChangesNow, changesNow } from './changes-now';
import { withAfternoons } from './weather/afternoons';

interface KnownFacts {
  readonly as: ChangesNow;
  readonly own: ReadonlyMap<string, OwnFacts>;
}

/** Every colony's own facts as last read. */
const FACTS = keptKind<KnownFacts>('facts');

/**
 * The facts of all colonies of all years. Only those of a colony that was changed since are read again: what did not change is the very
 * same object as before. Not to be asked within a transaction, which may yet be rolled back.
 */
export function allFacts(opened: Book, today: Day): ReadonlyMap<string, ColonyFacts> {
  const { db } = opened;
  const as = changesNow(opened);
  const last = opened.kept.last(FACTS, '')?.value;
  const own = last && last.as.byOthers === as.byOthers ? ownNow(last, as, opened) : loadOwnFacts(db);
  opened.kept.put(FACTS, '', [], { as, own });
  return withAfternoons(opened, assembleFacts(own, loadSharedFacts(db)), today);
}

function ownNow(last: KnownFacts, { counts }: ChangesNow, { db }: Book): KnownFacts['own'] {
  const changed = [...counts].filter(([id, n]) => last.as.counts.get(id) !== n).map(([id]) => id);
  if (changed.length === 0) return last.own;
  const own = new Map(last.own);
  // One that was taken out of the book is not among those read.
  for (const id of changed) own.delete(id);
  for (const [id, facts] of loadOwnFacts(db, changed)) own.set(id, facts);
  return own;
}
