import { comparable } from '../core/facts/comparable-entry';
import type { IssueInWords } from '../words/issues';
import { type Cause, type KeptInspection, type OutboxEntry, SAID_PATHS } from './outbox-entry';
import { isAnswering, isPassing, send as sendJson } from './send';
import { type DeviceStore, DURABLE } from './store';
import { versionOf } from './version-of';

type Send = typeof sendJson;

/** How the outbox reaches the server. */
export interface Uplink {
  readonly send: Send;
  readonly isAnswering: () => Promise<boolean>;
}

const UPLINK: Uplink = { send: sendJson, isAnswering };

/** The version of what an entry says, as the server knows it. */
const versionIn = (entry: OutboxEntry): string =>
  versionOf(entry.kind === 'inspection' ? comparable(entry.entry) : entry.body);

/** An entry takes the place of what waits under its id, which may have arrived without an answer. */
function replacing(entry: OutboxEntry, kept: OutboxEntry | undefined): OutboxEntry {
  if (!kept) return entry;
  const over = new Set([...(entry.over ?? []), ...(kept.over ?? []), versionIn(kept)]);
  over.delete(versionIn(entry));
  return { ...entry, over: [...over] };
}

/** Puts something into the outbox, in place of what waits there under its id. */
export async function keepOnDevice(store: DeviceStore, entry: OutboxEntry): Promise<void> {
  const tx = store.transaction('outbox', 'readwrite', DURABLE);
  const kept = await tx.store.get(entry.id);
  await Promise.all([tx.store.put(replacing(entry, kept)), tx.done]);
}

/** Puts an inspection into the outbox and its draft away, both or neither. */
export async function saveOnDevice(store: DeviceStore, entry: KeptInspection, draftKey: string): Promise<void> {
  const tx = store.transaction(['outbox', 'drafts'], 'readwrite', DURABLE);
  const outbox = tx.objectStore('outbox');
  const kept = await outbox.get(entry.id);
  await Promise.all([outbox.put(replacing(entry, kept)), tx.objectStore('drafts').delete(draftKey), tx.done]);
}

/** Takes something out of the outbox: it is given up, or still before the eyes of who entered it. */
export async function dropFromDevice(store: DeviceStore, id: string): Promise<void> {
  const tx = store.transaction('outbox', 'readwrite', DURABLE);
  await Promise.all([tx.store.delete(id), tx.done]);
}

/**
 * Sends what waits: entries in the order in which they were saved, then their photos. What is sent again lands once, since its id was
 * made here. One that does not get through waits with its cause and holds up no other, as long as the server answers at all; a
 * refusal gives it back with the reason.
 *
 * @param now UTC instant
 */
export async function sendOutbox(store: DeviceStore, now: () => string, uplink: Uplink = UPLINK): Promise<void> {
  const waiting = async () =>
    (await store.getAll('outbox'))
      .filter(({ state }) => state === 'waiting')
      .sort((a, b) => (a.savedAt < b.savedAt ? -1 : 1));
  const pass = async (entries: readonly OutboxEntry[], step: (entry: OutboxEntry) => Promise<OutboxEntry>) => {
    let isThere = true;
    for (const entry of entries) {
      const after = isThere ? await step(entry) : withCause(entry, { code: 'no-answer', message: NOBODY }, now());
      await settle(store, after);
      if (isThere && after.state === 'waiting' && after.cause?.code === 'no-answer')
        isThere = await uplink.isAnswering();
    }
    return isThere;
  };
  const entries = (await waiting()).filter((entry) => !isOnlyPhotos(entry));
  if (!(await pass(entries, (entry) => sendWhole(entry, now, uplink.send)))) return;
  await pass((await waiting()).filter(isOnlyPhotos), (entry) => sendPhotos(entry as KeptInspection, now, uplink.send));
}

const NOBODY = 'The server does not answer.';

const isOnlyPhotos = (entry: OutboxEntry) => entry.kind === 'inspection' && entry.isTaken === true;

const withCause = (
  entry: OutboxEntry,
  { code, message }: Pick<Cause, 'code' | 'message'>,
  at: string,
): OutboxEntry => ({
  ...entry,
  cause: { code, message, at },
});

/** What became of an entry by an answer: sent, waiting with its cause, or refused. */
function after(entry: OutboxEntry, issues: readonly IssueInWords[], at: string): OutboxEntry {
  const passing = issues.find(isPassing);
  if (passing) return withCause(entry, { code: passing.code as Cause['code'], message: passing.message }, at);
  return issues.length === 0
    ? { ...entry, state: 'sent', sentAt: at, issues: [] }
    : { ...entry, state: 'refused', issues };
}

async function sendWhole(entry: OutboxEntry, now: () => string, send: Send): Promise<OutboxEntry> {
  const issues = await sendEntry(entry, send);
  const sent = after(entry, issues, now());
  const hasPhotos = entry.kind === 'inspection' && (entry.draft.photos ?? []).length > 0;
  if (sent.state !== 'sent' || sent.kind !== 'inspection' || !hasPhotos) return sent;
  return { ...sent, state: 'waiting', sentAt: null, isTaken: true };
}

/** One photo after the other; those that are through are not sent again. */
async function sendPhotos(entry: KeptInspection, now: () => string, send: Send): Promise<OutboxEntry> {
  let so = entry;
  for (const { id, jpeg } of entry.draft.photos ?? []) {
    if (so.photosSent?.includes(id)) continue;
    const issues = await issuesOf('/api/photos', { id, inspectionId: entry.id, jpeg }, send);
    if (issues.length > 0) return after(so, afterAll(issues, 'The inspection is stored, but a photo is not.'), now());
    so = { ...so, photosSent: [...(so.photosSent ?? []), id] };
  }
  return after(so, [], now());
}

/** Puts down what became of an entry, unless something newer was saved under its id while it was under way. */
async function settle(store: DeviceStore, entry: OutboxEntry): Promise<void> {
  const tx = store.transaction('outbox', 'readwrite', DURABLE);
  const kept = await tx.store.get(entry.id);
  if (kept?.savedAt === entry.savedAt) await tx.store.put(entry);
  await tx.done;
}

/** What is wrong with an entry, without its photos; nothing: the server has it. */
export function sendEntry(entry: OutboxEntry, send: Send = sendJson): Promise<readonly IssueInWords[]> {
  if (entry.kind === 'inspection') return sendInspection(entry, send);
  const over = entry.kind === 'survey' && entry.over ? { over: entry.over } : {};
  return issuesOf(SAID_PATHS[entry.kind], { ...entry.body, ...over }, send);
}

/** Sends an inspection and the cells that it gives away. */
async function sendInspection(
  { entry, gives, over = [] }: Pick<KeptInspection, 'entry' | 'gives' | 'over'>,
  send: Send,
): Promise<readonly IssueInWords[]> {
  const sent = await issuesOf('/api/inspections', { ...entry, over }, send);
  if (sent.length > 0) return sent;
  for (const give of gives) {
    const given = await issuesOf('/api/programmes', give, send);
    const lead = 'The inspection is stored, but a cell could not be given away.';
    if (given.length > 0) return afterAll(given, lead).map((issue) => ({ ...issue, path: ['cells'] }));
  }
  return [];
}

/** Sends an inspection with all that goes with it at once, where nothing can be kept on the device. */
export async function sendDirectly(entry: KeptInspection, send: Send = sendJson): Promise<readonly IssueInWords[]> {
  const issues = await sendInspection(entry, send);
  if (issues.length > 0) return issues;
  const sent = await sendPhotos(entry, () => '', send);
  if (sent.state === 'refused') return sent.issues;
  return sent.cause ? [{ path: ['photos'], code: sent.cause.code, message: sent.cause.message }] : [];
}

const afterAll = (issues: readonly IssueInWords[], lead: string) =>
  issues.map((issue) => (isPassing(issue) ? issue : { ...issue, message: `${lead} ${issue.message}` }));

async function issuesOf(path: string, body: unknown, send: Send): Promise<readonly IssueInWords[]> {
  const sent = await send(path, body);
  return sent.ok ? [] : sent.issues;
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
