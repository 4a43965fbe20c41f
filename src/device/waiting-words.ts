import type { OutboxEntry } from '../device/outbox-entry';

const MINUTE_MS = 60_000;
const MINUTES_IN_HOUR = 60;
const MINUTES_IN_DAY = 24 * MINUTES_IN_HOUR;

/** How long ago something was, in words: `just now`, `12 minutes ago`, `3 hours ago`, `2 days ago`. */
export function agoWords(then: string, now: string): string {
  const minutes = Math.max(0, Math.floor((Date.parse(now) - Date.parse(then)) / MINUTE_MS));
  const words = (count: number, unit: string) => `${count} ${unit}${count === 1 ? '' : 's'} ago`;
  if (minutes < 1) return 'just now';
  if (minutes < MINUTES_IN_HOUR) return words(minutes, 'minute');
  if (minutes < MINUTES_IN_DAY) return words(Math.floor(minutes / MINUTES_IN_HOUR), 'hour');
  return words(Math.floor(minutes / MINUTES_IN_DAY), 'day');
}

/** What is said of an entry that waits: since when, and why it is still here. */
export function waitingWords(entry: OutboxEntry, now: string): string {
  const { savedAt, cause } = entry;
  const photos = entry.kind === 'inspection' && entry.isTaken ? photosLeft(entry) : null;
  const what = photos === null ? `Saved here ${agoWords(savedAt, now)}, not sent yet.` : `Sent; ${photos}.`;
  return cause ? `${what} Last tried ${agoWords(cause.at, now)}: ${cause.message}` : what;
}

function photosLeft({ draft, photosSent = [] }: Extract<OutboxEntry, { kind: 'inspection' }>): string {
  const left = (draft.photos ?? []).length - photosSent.length;
  return left === 1 ? 'one photo still waits' : `${left} photos still wait`;
}
