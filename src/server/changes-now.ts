import 'server-only';
import { colonyChanges } from '../db/changed-colonies';
import type { Versions } from '../db/kept';
import type { Book } from '../db/open';

/** How often what is of each colony's and each apiary's own has been changed by now. */
export interface ChangesNow {
  /** Changes with every change by another connection. */
  readonly byOthers: unknown;
  readonly counts: ReadonlyMap<string, number>;
}

export const changesNow = ({ sqlite }: Book): ChangesNow => ({
  byOthers: sqlite.pragma('data_version', { simple: true }),
  counts: colonyChanges(sqlite),
});

/** The version of what is a colony's or an apiary's own: the same as long as nothing of it has changed. */
export const ownVersion = ({ byOthers, counts }: ChangesNow, id: string): Versions => [byOthers, counts.get(id) ?? 0];
