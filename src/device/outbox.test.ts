import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { aColony } from '../core/colony/testing';
import { comparable } from '../core/facts/comparable-entry';
import type { IssueInWords } from '../words/issues';
import { emptyDraft, entryOf } from './draft';
import { dropFromDevice, forgetSent, keepOnDevice, saveOnDevice, sendOutbox } from './outbox';
import type { KeptInspection, KeptSaying } from './outbox-entry';
import { factsOnDevice } from './pack';
import { type DeviceStore, deviceStore } from './store';
import { draftKey, putDraft } from './stored-draft';
import { versionOf } from './version-of';

const NOW = '2027-05-16T18:00:00.000Z';
let store: DeviceStore;
let book = 0;
beforeEach(async () => {
  book += 1;
  store = await deviceStore(`book-${book}`);
});

const entry = (id: string, over: Partial<KeptInspection> = {}): KeptInspection => {
  const draft = emptyDraft(id, 'clover', '2027-05-16T15:00');
  return {
    kind: 'inspection',
    id,
    colonyId: 'clover',
    colonyName: 'Clover',
    entry: entryOf(draft, 'cleared'),
    gives: [],
    draft,
    state: 'waiting',
    issues: [],
    savedAt: `2027-05-16T15:0${id.length}:00.000Z`,
    sentAt: null,
    ...over,
  };
};
/** A step that was ticked, `savedAt` a minute of that hour. */
const tick = (id: string, savedAt: number, isDone = true): KeptSaying => ({
  kind: 'step',
  id,
  colonyId: 'clover',
  colonyName: 'Clover',
  body: { id, programmeId: 'nuc', step: 2, at: '2027-05-16T15:00', isDone },
  words: 'Nuc swarm, step 3 done',
  state: 'waiting',
  issues: [],
  savedAt: `2027-05-16T15:${savedAt}:00.000Z`,
  sentAt: null,
});
const states = async () => Object.fromEntries((await store.getAll('outbox')).map(({ id, state }) => [id, state]));

/** A server that answers with what is in the list, and nothing once that is used up. */
function server(...answers: (readonly IssueInWords[])[]) {
  const asked: string[] = [];
  const left = [...answers];
  const send = async <T>(path: string, body: unknown) => {
    asked.push(`${path} ${(body as { id: string }).id}`);
    const issues = left.shift() ?? [{ path: [], code: 'no-answer', message: '' } as const];
    return issues.length === 0 ? ({ ok: true, value: {} as T } as const) : ({ ok: false, issues } as const);
  };
  // Once it does not answer any more, it does not say that it is there either.
  return { asked, uplink: { send, isAnswering: async () => left.length > 0 } };
}
const refusal: IssueInWords = { path: ['at'], code: 'after-colony-ended', message: 'The colony ended.' };

describe('the outbox', () => {
  it('takes an entry and puts its draft away, in one step', async () => {
    await putDraft(store, { key: 'clover', begin: null, draft: entry('a').draft, tappedAt: NOW });
    await saveOnDevice(store, entry('a'), 'clover');
    expect([await states(), await store.count('drafts')]).toEqual([{ a: 'waiting' }, 0]);
  });

  it('sends oldest first, and stops where nobody answers', async () => {
    for (const id of ['bb', 'a', 'ccc']) await saveOnDevice(store, entry(id), 'clover');
    const { asked, uplink } = server([]);
    await sendOutbox(store, () => NOW, uplink);
    expect(asked).toEqual(['/api/inspections a', '/api/inspections bb']);
    expect(await states()).toEqual({ a: 'sent', bb: 'waiting', ccc: 'waiting' });
  });

  it('gives a refused entry back with the reason and all that was typed, and goes on with the others', async () => {
    for (const id of ['a', 'bb']) await saveOnDevice(store, entry(id), 'clover');
    const { uplink } = server([refusal], []);
    await sendOutbox(store, () => NOW, uplink);
    expect(await states()).toEqual({ a: 'refused', bb: 'sent' });
    expect(await store.get('outbox', 'a')).toMatchObject({ issues: [refusal], draft: { id: 'a' } });
    // It is not sent again by itself.
    const again = server([]);
    await sendOutbox(store, () => NOW, again.uplink);
    expect(again.asked).toEqual([]);
  });

  it('sends cells given away after their inspection, and photos after everything else', async () => {
    const photos = ['one', 'two'].map((id) => ({ id, jpeg: '/9j/x' }));
    const give = { id: 'give' } as KeptInspection['gives'][number];
    await saveOnDevice(store, entry('a', { draft: { ...entry('a').draft, photos }, gives: [give] }), 'clover');
    await saveOnDevice(store, entry('bb'), 'clover');
    const first = server([], [], [], []);
    await sendOutbox(store, () => NOW, first.uplink);
    expect(first.asked).toEqual([
      '/api/inspections a',
      '/api/programmes give',
      '/api/inspections bb',
      '/api/photos one',
      '/api/photos two',
    ]);
    expect(await states()).toEqual({ a: 'waiting', bb: 'sent' });
    // What is through is not sent again.
    const second = server([]);
    await sendOutbox(store, () => NOW, second.uplink);
    expect(second.asked).toEqual(['/api/photos two']);
    expect(await states()).toEqual({ a: 'sent', bb: 'sent' });
  });

  it('says what is stored where the cells that go with an inspection, or its photos, are refused', async () => {
    const give = { id: 'give' } as KeptInspection['gives'][number];
    await saveOnDevice(store, entry('a', { gives: [give] }), 'clover');
    await saveOnDevice(
      store,
      entry('bb', { draft: { ...entry('bb').draft, photos: [{ id: 'p', jpeg: '/9j/x' }] } }),
      'clover',
    );
    const { uplink } = server([], [refusal], [], [refusal]);
    await sendOutbox(store, () => NOW, uplink);
    const messages = (await store.getAll('outbox')).map(({ issues }) => issues[0]?.message);
    expect(messages[0]).toMatch(/^The inspection is stored, but a cell/);
    expect(messages[1]).toMatch(/^The inspection is stored, but a photo/);
  });

  it('lets one that does not get through hold up no other, and says of each why it waits', async () => {
    for (const id of ['a', 'bb', 'ccc']) await saveOnDevice(store, entry(id), 'clover');
    const noAnswer: IssueInWords = { path: [], code: 'no-answer', message: 'Nobody.' };
    const full: IssueInWords = { path: [], code: 'disk-full', message: 'The disk is full.' };
    const { uplink } = server([noAnswer], [full], []);
    await sendOutbox(store, () => NOW, { ...uplink, isAnswering: async () => true });
    expect(await states()).toEqual({ a: 'waiting', bb: 'waiting', ccc: 'sent' });
    const causes = (await store.getAll('outbox')).map(({ cause }) => cause?.code ?? null);
    expect(causes).toEqual(['no-answer', 'disk-full', null]);
    expect((await store.get('outbox', 'bb'))?.cause).toEqual({
      code: 'disk-full',
      message: 'The disk is full.',
      at: NOW,
    });
  });

  it('knows which versions an entry is meant to replace that was put right after it may have arrived', async () => {
    await saveOnDevice(store, entry('a'), 'clover');
    const put = { ...entry('a').entry, note: 'two boxes' };
    await saveOnDevice(store, entry('a', { entry: put }), 'clover');
    expect((await store.get('outbox', 'a'))?.over).toEqual([versionOf(comparable(entry('a').entry))]);
    // Said again as it was, it replaces nothing of its own.
    await saveOnDevice(store, entry('a'), 'clover');
    expect((await store.get('outbox', 'a'))?.over).toEqual([versionOf(comparable(put))]);
  });

  it('sends what else was said in its turn, each to its place', async () => {
    await keepOnDevice(store, tick('t', 30));
    await saveOnDevice(store, entry('a'), 'clover');
    const { asked, uplink } = server([], [refusal]);
    await sendOutbox(store, () => NOW, uplink);
    expect(asked).toEqual(['/api/inspections a', '/api/steps t']);
    expect(await store.get('outbox', 't')).toMatchObject({
      state: 'refused',
      issues: [refusal],
      words: 'Nuc swarm, step 3 done',
    });
    await dropFromDevice(store, 't');
    expect(await states()).toEqual({ a: 'sent' });
  });

  it('keeps what was said anew while the older word was under way', async () => {
    await keepOnDevice(store, tick('t', 30));
    const send = async <T>() => {
      await keepOnDevice(store, tick('t', 31, false));
      return { ok: true, value: {} as T } as const;
    };
    await sendOutbox(store, () => NOW, { send, isAnswering: async () => true });
    expect(await store.get('outbox', 't')).toMatchObject({ state: 'waiting', body: { isDone: false } });
  });

  it('forgets what was sent before the server was asked for its own copy, and nothing else', async () => {
    await saveOnDevice(store, entry('a', { state: 'sent', sentAt: NOW }), 'clover');
    await saveOnDevice(store, entry('bb'), 'clover');
    await forgetSent(store, NOW);
    expect(Object.keys(await states())).toEqual(['a', 'bb']);
    await forgetSent(store, '2027-05-16T18:00:00.001Z');
    expect(await states()).toEqual({ bb: 'waiting' });
  });
});

describe('what is kept on a device', () => {
  it('is apart for each book that shares an address', async () => {
    await saveOnDevice(store, entry('a'), 'clover');
    expect(await (await deviceStore('another')).count('outbox')).toBe(0);
  });

  it('has one begun entry of each kind a colony, corrections apart', () => {
    const { inspection: look, survey } = draftKey;
    const keys = [look('clover', null), look('clover', 'x'), survey('clover', null), survey('clover', 'x')];
    expect(new Set([...keys, draftKey.board('clover', 'demaree'), draftKey.board('clover', 'unite')]).size).toBe(6);
  });

  it('reckons with what was saved here, and not with what was refused or is known already', () => {
    const packed = { colony: { id: 'clover' } as never, facts: aColony() };
    const ids = (outbox: KeptInspection[]) => factsOnDevice(packed, outbox).inspections.map(({ id }) => id);
    expect(ids([entry('a'), entry('bb', { state: 'refused' }), entry('ccc', { colonyId: 'other' })])).toEqual(['a']);
    const known = { ...packed, facts: factsOnDevice(packed, [entry('a')]) };
    expect(factsOnDevice(known, [entry('a', { state: 'sent' })]).inspections).toHaveLength(1);
  });

  it('reckons with what else was said here of the colony', () => {
    const part = { programme: { id: 'nuc' } } as never;
    const packed = { colony: { id: 'clover' } as never, facts: { ...aColony(), parts: [part] } };
    const said = <K extends KeptSaying['kind']>(kind: K, body: object, over: object = {}) =>
      ({
        ...tick('s', 30),
        kind,
        body: { id: 's', at: '2027-05-16T15:00', ...body },
        ...over,
      }) as unknown as KeptSaying;
    const facts = factsOnDevice(packed, [
      said('survey', { hive: { boxes: [] } }),
      said('check-change', { key: 'look:1', kind: 'moved', to: '2027-05-20' }),
      // Asked at another colony of the same programme, and of another programme.
      said('answer', { programmeId: 'nuc', answer: 'eggs' }, { colonyId: 'other' }),
      said('answer', { programmeId: 'demaree', answer: 'eggs' }, { id: 'x' }),
      said('survey', {}, { colonyId: 'other', id: 'y' }),
      tick('t', 31),
    ]);
    expect(facts.surveys).toEqual([expect.objectContaining({ id: 's', on: day('2027-05-16') })]);
    expect(facts.changes).toEqual([expect.objectContaining({ key: 'look:1', to: day('2027-05-20') })]);
    expect(facts.answers).toEqual([expect.objectContaining({ programmeId: 'nuc', on: day('2027-05-16') })]);
    // Once the server knows, it is not said twice.
    const known = factsOnDevice({ ...packed, facts }, [said('survey', {}), said('answer', { programmeId: 'nuc' })]);
    expect([known.surveys.length, known.answers.length]).toEqual([1, 1]);
  });
});
