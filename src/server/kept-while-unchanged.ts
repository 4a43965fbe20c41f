import 'server-only';
import { colonyChanges } from '../db/changed-colonies';
import type { OpenedDatabase } from '../db/open';

/** How often what is of each colony's and each apiary's own has been changed by now. */
export interface ChangesNow {
  /** Changes with every change by another connection. */
  readonly byOthers: unknown;
  readonly counts: ReadonlyMap<string, number>;
}

export const changesNow = ({ sqlite }: OpenedDatabase): ChangesNow => ({
  byOthers: sqlite.pragma('data_version', { simple: true }),
  counts: colonyChanges(sqlite),
});

/**
 * Keeps what was reckoned of each colony or apiary of each opened book: while nothing of its own has changed, nor what it hangs on
 * beside, it is the very same.
 */
export function keptWhileUnchanged<T>() {
  const known = new WeakMap<object, Map<string, { readonly version: string; readonly value: T }>>();
  /** @param beside what it hangs on that is not of its own: the day, what is shared with others */
  return (opened: OpenedDatabase, { byOthers, counts }: ChangesNow, id: string, beside: string, reckon: () => T): T => {
    const ofBook = known.get(opened) ?? new Map();
    known.set(opened, ofBook);
    const version = `${byOthers} ${counts.get(id) ?? 0} ${beside}`;
    const last = ofBook.get(id);
    if (last?.version === version) return last.value;
    const value = reckon();
    ofBook.set(id, { version, value });
    return value;
  };
}
