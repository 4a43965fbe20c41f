import 'server-only';
import type { KeptFrame } from '../../core/facts/kept-frame';
import { failure, type Result, success } from '../../core/problems/issue';
import { say } from '../../core/problems/says';
import type { Db } from '../../db/open';
import { loadKeptFrames, writeKeptFrame } from '../../db/repositories/kept-frames';

/** Follows a frame by a name, which no other frame has. */
export function saveKeptFrame(db: Db, frame: KeptFrame): Result<{ id: string }> {
  return db.transaction((tx) => {
    const namesake = loadKeptFrames(tx).find(({ id, label }) => label === frame.label && id !== frame.id);
    if (namesake) {
      const message = say('frame-name-taken', { label: frame.label });
      return failure({ path: ['label'], code: 'duplicate-id', message });
    }
    writeKeptFrame(tx, frame);
    return success({ id: frame.id });
  });
}
