import 'server-only';
import { type EntryQuestion, type EntryReading, readEntry } from '../device/entry-reading';
import { unreadEntry } from '../device/unread-entry';
import { RECKONED_WITHIN } from './reckoned-within';
import { withinTime } from './within-time';

/** What an entry means so far; where that cannot be worked out it can be made all the same. */
export function entryRead(asked: EntryQuestion): EntryReading {
  const read = withinTime(2 * RECKONED_WITHIN, () => readEntry(asked));
  return read.how === 'done' ? read.value : unreadEntry(asked);
}
