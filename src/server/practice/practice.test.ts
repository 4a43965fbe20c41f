import { describe, expect, it } from 'vitest';
import { practiceSent } from '../../core/facts/practised';
import type { Practised } from '../../core/practice/review';
import { openDatabase } from '../../db/open';
import { keepPractised } from './keep-practised';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const done = (n: number, over: Partial<Practised> = {}): Practised => ({
  id: id(n),
  at: `2027-01-0${n}T09:00:00.000Z`,
  kind: 'read-cell',
  skill: 'egg-flat',
  level: 1,
  seed: n,
  isRight: true,
  daysOff: 0,
  grade: 'known',
  ...over,
});

describe('practice in the book', () => {
  it('is added to by each device, lands once, and is given back in order of time', () => {
    const { db } = openDatabase(':memory:');
    const send = (practised: Practised[]) => {
      const kept = keepPractised(db, { kind: 'kept', practised });
      return kept.ok ? kept.value.map(({ seed }) => seed) : kept.issues;
    };
    expect(send([])).toEqual([]);
    expect(send([done(3), done(1)])).toEqual([1, 3]);
    expect(send([done(2), done(3, { isRight: false })])).toEqual([1, 2, 3]);
    expect(keepPractised(db, { kind: 'kept', practised: [] })).toEqual({
      ok: true,
      value: [done(1), done(2), done(3)],
    });
  });

  it('is forgotten when the keeper says so', () => {
    const { db } = openDatabase(':memory:');
    keepPractised(db, { kind: 'kept', practised: [done(1)] });
    expect(keepPractised(db, { kind: 'forgotten' })).toEqual({ ok: true, value: [] });
  });

  it('takes nothing that no exercise was', () => {
    const parses = (over: object) =>
      practiceSent.safeParse({ kind: 'kept', practised: [{ ...done(1), ...over }] }).success;
    expect(parses({})).toBe(true);
    expect(parses({ kind: 'guess' })).toBe(false);
    expect(parses({ level: 4 })).toBe(false);
    expect(parses({ skill: '=cmd' })).toBe(false);
    expect(parses({ daysOff: -1 })).toBe(false);
    expect(parses({ grade: undefined })).toBe(false);
    expect(parses({ points: 3 })).toBe(false);
  });
});
