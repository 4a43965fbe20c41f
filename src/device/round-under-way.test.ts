import { describe, expect, it } from 'vitest';
import { inspection } from '../core/colony/testing';
import { asDraft, beginRound, roundMade, roundUnderWay, seenSince } from './round-under-way';
import { shutAgainAt } from './shut-again';

const hive = (id: string, ...looks: readonly { at: string; until?: string }[]) => ({
  colony: { id },
  facts: { inspections: looks.map((look) => inspection(look)), surveys: [], answers: [] },
});
const due = (key: string, kind: 'look' | 'eggs' | null) => ({ key, kind, words: '', why: '', tone: 'now' as const });
const roundHive = (colonyId: string, ...tasks: ReturnType<typeof due>[]) => ({
  colonyId,
  name: colonyId,
  stand: '',
  situation: '',
  due: tasks,
  isOnRound: true,
  plannedFor: null,
});
const begun = beginRound('r', 'a', '2027-05-16T14:00', [
  roundHive('x', due('look:1', 'look'), due('turn-hive:1', null)),
  roundHive('y', due('eggs:1', 'eggs')),
]);

describe('a round under way', () => {
  it('is kept like a draft, one for each apiary', () => {
    expect(begun.due).toEqual([
      { colonyId: 'x', key: 'look:1', kind: 'look' },
      { colonyId: 'y', key: 'eggs:1', kind: 'eggs' },
    ]);
    const drafts = [asDraft(begun, '2027-05-16T13:00:00Z')];
    expect(roundUnderWay(drafts, 'a')).toBe(begun);
    expect(roundUnderWay(drafts, 'b')).toBeNull();
  });

  it('was at the hives of which something was entered since, and did what is due no longer', () => {
    const hives = [
      hive('x', { at: '2027-05-10T12:00' }, { at: '2027-05-16T14:05', until: '2027-05-16T14:20' }),
      hive('y', { at: '2027-05-16T14:25' }),
      hive('z', { at: '2027-05-16T13:59' }),
    ];
    const stillDue = new Map([['y', new Set(['eggs:1'])]]);
    expect(roundMade(begun, hives, stillDue, '2027-05-16T15:00', true)).toEqual({
      id: 'r',
      apiaryId: 'a',
      beganAt: '2027-05-16T14:00',
      endedAt: '2027-05-16T15:00',
      hadHelp: true,
      note: '',
      hives: [
        { colonyId: 'x', from: '2027-05-16T14:05', to: '2027-05-16T14:20', did: ['look'] },
        { colonyId: 'y', from: null, to: null, did: [] },
      ],
    });
  });

  it('that was forgotten ends with its last entry of that day', () => {
    const hives = [hive('x', { at: '2027-05-16T14:05', until: '2027-05-16T14:20' }, { at: '2027-05-17T09:00' })];
    expect(roundMade(begun, hives, new Map(), null, false)).toMatchObject({ endedAt: '2027-05-16T14:20' });
    expect(roundMade(begun, [], new Map(), null, false)).toMatchObject({ endedAt: null, hives: [] });
    expect(seenSince(hives[0] as never, '2027-05-16T14:30')).toBeNull();
  });
});

it('a hive was shut again when its entry was saved, if that was made while it was open', () => {
  expect(shutAgainAt('2027-05-16T14:00', '2027-05-16T14:12')).toBe('2027-05-16T14:12');
  expect(shutAgainAt('2027-05-16T14:00', '2027-05-16T14:01')).toBeNull();
  expect(shutAgainAt('2027-05-16T14:00', '2027-05-16T17:01')).toBeNull();
  expect(shutAgainAt('2027-05-16T23:50', '2027-05-17T00:10')).toBeNull();
  expect(shutAgainAt('2027-05-16T14:00', '2027-05-16T13:00')).toBeNull();
});
