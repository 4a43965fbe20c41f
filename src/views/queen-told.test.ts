import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { STATES } from '../core/queens/testing';
import { queenTold } from './queen-told';
import { aStandingColony } from './testing';

const { state } = aStandingColony('Clover', { startedOn: day('2027-03-01') }, '2027-06-20');
const told = (queen: (typeof STATES)[string]) => queenTold({ ...state, queen: queen as NonNullable<typeof queen> });

describe('what is known of a queen', () => {
  it.each(Object.entries(STATES))('%s: a line and a sentence, which say the same', (_, queen) => {
    const { brief, words } = told(queen);
    expect(brief).not.toMatch(/undefined|null|\.$/);
    expect(words).toMatch(/\.$/);
    for (const word of ['virgin', 'caged', 'half', 'left'])
      expect([word, brief.includes(word)]).toEqual([word, words.includes(word)]);
  });

  it('does not ask that a virgin be left alone who should long have laid', () => {
    const virgin = Object.values(STATES).find(({ is, overdue }) => is === 'virgin' && overdue === null);
    if (!virgin) throw new Error('no virgin among the states');
    expect(told(virgin).words).toContain('Do not disturb her.');
    const overdue = told({ ...virgin, overdue: { is: 'no-eggs', on: day('2027-06-12') } });
    expect(overdue.brief).toBe('a virgin, and no eggs by 12 Jun');
    expect(overdue.words).toContain('and no eggs by Sat 12 Jun');
    expect(overdue.words).not.toContain('Do not disturb');
  });
});
