import 'server-only';
import { asc } from 'drizzle-orm';
import type { KeptFrame } from '../../core/facts/kept-frame';
import type { Db } from '../open';
import { keptFrames } from '../schema/tables';

/** Frames that the keeper follows by name. */
export function loadKeptFrames(db: Db): readonly KeptFrame[] {
  return db.select().from(keptFrames).orderBy(asc(keptFrames.label)).all();
}

export function writeKeptFrame(db: Db, frame: KeptFrame): void {
  db.insert(keptFrames).values(frame).onConflictDoUpdate({ target: keptFrames.id, set: frame }).run();
}
