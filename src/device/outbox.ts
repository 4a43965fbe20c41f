import type { Issue } from '../core/problems/issue';
import { type KeptInspection, type OutboxEntry, SAYING_PATHS } from './outbox-entry';
import { send as sendJson } from './send';
import { type DeviceStore, DURABLE } from './store';

type Send = typeof sendJson;

/** What was wrong, nothing if all was taken, or that nobody answered. */
type Answer = readonly Issue[] | 'no-answer';

/** Puts something into the outbox, in place of what waits there under its id. */
export async function keepOnDevice(store: DeviceStore, entry: OutboxEntry): Promise<void> {
  const tx = store.transaction('outbox', 'readwrite', DURABLE);
  await Promise.all([tx.store.put(entry), tx.done]);
}

/** Puts an inspection into the outbox and its draft away, both or neither. */
export async function saveOnDevice(store: DeviceStore, entry: KeptInspection, draftKey: string): Promise<void> {
  const tx = store.transaction(['outbox', 'drafts'], 'readwrite', DURABLE);
  await Promise.all([tx.objectStore('outbox').put(entry), tx.objectStore('drafts').delete(draftKey), tx.done]);
}

/** Takes something out of the outbox: it is given up, or still before the eyes of who entered it. */
export async function dropFromDevice(store: DeviceStore, id: string): Promise<void> {
  const tx = store.transaction('outbox', 'readwrite', DURABLE);
  await Promise.all([tx.store.delete(id), tx.done]);
}

/**
 * Sends what waits, oldest first. What is sent again lands once, since its id was made here. No answer leaves it waiting, and the
 * others with it; a refusal gives it back with the reason.
 *
 * @param now UTC instant
 */
export async function sendOutbox(store: DeviceStore, now: () => string, send: Send = sendJson): Promise<void> {
  const waiting = (await store.getAll('outbox')).filter(({ state }) => state === 'waiting');
  for (const entry of waiting.sort((a, b) => (a.savedAt < b.savedAt ? -1 : 1))) {
    const result = await sendEntry(entry, send);
    if (result === 'no-answer') return;
    await settle(
      store,
      result.length === 0
        ? { ...entry, state: 'sent', sentAt: now(), issues: [] }
        : { ...entry, state: 'refused', issues: result },
    );
  }
}

/** Puts down what became of an entry, unless something newer was saved under its id while it was under way. */
async function settle(store: DeviceStore, entry: OutboxEntry): Promise<void> {
  const tx = store.transaction('outbox', 'readwrite', DURABLE);
  const kept = await tx.store.get(entry.id);
  if (kept?.savedAt === entry.savedAt) await tx.store.put(entry);
  await tx.done;
}

export function sendEntry(entry: OutboxEntry, send: Send = sendJson): Promise<Answer> {
  return entry.kind === 'inspection' ? sendInspection(entry, send) : sendTo(SAYING_PATHS[entry.kind], entry.body, send);
}

/** Sends an inspection, its photos and the cells that it gives away. */
export async function sendInspection(
  { entry, gives, draft }: Pick<KeptInspection, 'entry' | 'gives' | 'draft'>,
  send: Send = sendJson,
): Promise<Answer> {
  const sent = await sendTo('/api/inspections', entry, send);
  if (sent === 'no-answer' || sent.length > 0) return sent;
  for (const { id, jpeg } of draft.photos ?? []) {
    const kept = await sendTo('/api/photos', { id, inspectionId: entry.id, jpeg }, send);
    if (kept === 'no-answer') return kept;
    if (kept.length > 0) return afterAll(kept, 'The inspection is stored, but a photo is not.');
  }
  for (const give of gives) {
    const given = await sendTo('/api/programmes', give, send);
    if (given === 'no-answer') return given;
    const lead = 'The inspection is stored, but a cell could not be given away.';
    if (given.length > 0) return afterAll(given, lead).map((issue) => ({ ...issue, path: ['cells'] }));
  }
  return [];
}

const afterAll = (issues: readonly Issue[], lead: string) =>
  issues.map((issue) => ({ ...issue, message: `${lead} ${issue.message}` }));

async function sendTo(path: string, body: unknown, send: Send): Promise<Answer> {
  const sent = await send(path, body);
  if (sent.ok) return [];
  return sent.issues.some(({ code }) => code === 'no-answer') ? 'no-answer' : sent.issues;
}

/**
 * Forgets what the server had taken before it was asked for a pack, once that pack is here.
 *
 * @param askedAt UTC instant
 */
export async function forgetSent(store: DeviceStore, askedAt: string): Promise<void> {
  const tx = store.transaction('outbox', 'readwrite');
  for (const { id, state, sentAt } of await tx.store.getAll()) {
    if (state === 'sent' && sentAt !== null && sentAt < askedAt) await tx.store.delete(id);
  }
  await tx.done;
}
