import type { OutboxEntry } from './outbox-entry';
import { send as sendJson } from './send';
import { type DeviceStore, DURABLE } from './store';

type Send = typeof sendJson;

async function put(store: DeviceStore, entry: OutboxEntry): Promise<void> {
  const tx = store.transaction('outbox', 'readwrite', DURABLE);
  await Promise.all([tx.store.put(entry), tx.done]);
}

/** Puts an entry into the outbox and its draft away, both or neither. */
export async function saveOnDevice(store: DeviceStore, entry: OutboxEntry, draftKey: string): Promise<void> {
  const tx = store.transaction(['outbox', 'drafts'], 'readwrite', DURABLE);
  await Promise.all([tx.objectStore('outbox').put(entry), tx.objectStore('drafts').delete(draftKey), tx.done]);
}

/**
 * Sends what waits, oldest first. An entry that is sent again lands once, since its id was made here. No answer leaves it waiting, and
 * the others with it; a refusal gives it back with the reason.
 *
 * @param now UTC instant
 */
export async function sendOutbox(store: DeviceStore, now: () => string, send: Send = sendJson): Promise<void> {
  const waiting = (await store.getAll('outbox')).filter(({ state }) => state === 'waiting');
  for (const entry of waiting.sort((a, b) => (a.savedAt < b.savedAt ? -1 : 1))) {
    const result = await sendEntry(entry, send);
    if (result === 'no-answer') return;
    await put(
      store,
      result.length === 0
        ? { ...entry, state: 'sent', sentAt: now(), issues: [] }
        : { ...entry, state: 'refused', issues: result },
    );
  }
}

/** Sends an inspection, its photos and the cells that it gives away: what was wrong, nothing if all was taken, or that nobody answered. */
export async function sendEntry(
  { entry, gives, draft }: Pick<OutboxEntry, 'entry' | 'gives' | 'draft'>,
  send: Send = sendJson,
): Promise<OutboxEntry['issues'] | 'no-answer'> {
  const sent = await send('/api/inspections', entry);
  if (!sent.ok) return isNoAnswer(sent.issues) ? 'no-answer' : sent.issues;
  for (const { id, jpeg } of draft.photos ?? []) {
    const kept = await send('/api/photos', { id, inspectionId: entry.id, jpeg });
    if (kept.ok) continue;
    if (isNoAnswer(kept.issues)) return 'no-answer';
    return kept.issues.map((issue) => ({
      ...issue,
      message: `The inspection is stored, but a photo is not. ${issue.message}`,
    }));
  }
  for (const give of gives) {
    const given = await send('/api/programmes', give);
    if (given.ok) continue;
    if (isNoAnswer(given.issues)) return 'no-answer';
    const lead = 'The inspection is stored, but a cell could not be given away.';
    return given.issues.map((issue) => ({ ...issue, path: ['cells'], message: `${lead} ${issue.message}` }));
  }
  return [];
}

const isNoAnswer = (issues: OutboxEntry['issues']) => issues.some(({ code }) => code === 'no-answer');

/** Forgets what the server has taken, once the pack that holds it is here. */
export async function forgetSent(store: DeviceStore, known: ReadonlySet<string>): Promise<void> {
  const tx = store.transaction('outbox', 'readwrite');
  for (const entry of await tx.store.getAll()) {
    if (entry.state === 'sent' && known.has(entry.id)) await tx.store.delete(entry.id);
  }
  await tx.done;
}
