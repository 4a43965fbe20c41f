import { describe, expect, it } from 'vitest';
import { colonyOnPage, neighbour } from './shortcuts';

const ID = '01970000-0000-7000-8000-000000000001';

describe('what keys act on', () => {
  it.each([
    [`/colonies/${ID}`, ID],
    [`/colonies/${ID}/inspect`, ID],
    ['/colonies/new', null],
    ['/', null],
    [`/programmes/${ID}`, null],
  ])('%s is about %s', (path, colony) => expect(colonyOnPage(path)).toBe(colony));

  it('goes from colony to colony, and stops at the ends', () => {
    const colonies = ['a', 'b', 'c'].map((id) => ({ id }));
    expect([neighbour(colonies, 'b', 1)?.id, neighbour(colonies, 'b', -1)?.id]).toEqual(['c', 'a']);
    expect([neighbour(colonies, 'c', 1), neighbour(colonies, 'a', -1), neighbour(colonies, 'x', 1)]).toEqual([
      null,
      null,
      null,
    ]);
  });
});
