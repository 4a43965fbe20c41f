import { describe, expect, it } from 'vitest';
import { emptyDraft, entryOf } from '../device/draft';
import type { KeptInspection } from '../device/outbox-entry';
import { agoWords, waitingWords } from './waiting-words';

const NOW = '2027-05-16T18:00:00.000Z';
const draft = emptyDraft('a', 'clover', '2027-05-16T15:00');
const kept: KeptInspection = {
  kind: 'inspection',
  id: 'a',
  colonyId: 'clover',
  colonyName: 'Clover',
  entry: entryOf(draft, 'cleared'),
  gives: [],
  draft,
  state: 'waiting',
  issues: [],
  savedAt: '2027-05-16T15:00:00.000Z',
  sentAt: null,
};

describe('what waits on a device', () => {
  it.each([
    ['2027-05-16T18:00:05.000Z', 'just now'],
    ['2027-05-16T17:59:30.000Z', 'just now'],
    ['2027-05-16T17:59:00.000Z', '1 minute ago'],
    ['2027-05-16T17:01:00.000Z', '59 minutes ago'],
    ['2027-05-16T17:00:00.000Z', '1 hour ago'],
    ['2027-05-15T18:00:01.000Z', '23 hours ago'],
    ['2027-05-14T18:00:00.000Z', '2 days ago'],
  ])('has an age: %s', (then, words) => {
    expect(agoWords(then, NOW)).toBe(words);
  });

  it('says since when it waits, and what stood in the way at the last try', () => {
    expect(waitingWords(kept, NOW)).toEqual('Saved here 3 hours ago, not sent yet.');
    const cause = { code: 'disk-full', message: 'The disk is full.', at: '2027-05-16T17:58:00.000Z' } as const;
    expect(waitingWords({ ...kept, cause }, NOW)).toEqual(
      'Saved here 3 hours ago, not sent yet. Last tried 2 minutes ago: The disk is full.',
    );
  });

  it('tells photos that still wait from an entry that does', () => {
    const photos = [
      { id: 'one', jpeg: '' },
      { id: 'two', jpeg: '' },
    ];
    const taken = { ...kept, isTaken: true, draft: { ...draft, photos } };
    expect(waitingWords(taken, NOW)).toEqual('Sent; 2 photos still wait.');
    expect(waitingWords({ ...taken, photosSent: ['one'] }, NOW)).toEqual('Sent; one photo still waits.');
  });
});
