import { describe, expect, it } from 'vitest';
import {
  arrivedOn,
  cagedOn,
  expectedIn,
  hasVirginAbout,
  isClipped,
  isWithoutQueen,
  lays,
  lossOf,
  noEggsOn,
  queenIdIn,
  raises,
  whoIsThere,
} from './queen-questions';
import type { QueenState } from './queen-state';
import { at, STATES } from './testing';

const named = (name: string) => STATES[name] as QueenState;
const split = named('one half of a split, not known which');
const halfOf = (who: string): QueenState => ({ ...split, of: named(who) }) as QueenState;

/** Of each: lays, is without a queen, raises one, has a virgin about; and as what an inspection of it is read. */
const ANSWERS = {
  'laying queen': ['lays', 'laying'],
  'laying queen, swarm seen': ['without raises', 'laying'],
  'laying queen, read as gone': ['without raises', 'laying'],
  'queen taken out': ['without raises', 'none'],
  'no queen, none lost': ['without', 'none'],
  'virgin flying': ['virgin', 'virgin'],
  'bought queen caged': ['', 'caged'],
  'one half of a split, not known which': ['lays', 'laying'],
  'swarm hived': ['lays', 'laying'],
} as const;

describe('what is asked of a queen’s state', () => {
  it.each(Object.entries(ANSWERS))('%s: %s', (name, [answers, expected]) => {
    const queen = named(name);
    const told = [
      lays(queen) && 'lays',
      isWithoutQueen(queen) && 'without',
      raises(queen) && 'raises',
      hasVirginAbout(queen) && 'virgin',
    ];
    expect([told.filter(Boolean).join(' '), expectedIn(queen)]).toEqual([answers, expected]);
  });

  it('takes one of whom nobody said anything to lay', () => {
    const { lastProof, lastEggsSeen, lastOwnEggs, overdue, doubt } = named('laying queen');
    const queen: QueenState = { lastProof, lastEggsSeen, lastOwnEggs, overdue, doubt, is: 'not-known' };
    expect([lays(queen), expectedIn(queen), queenIdIn(queen), isClipped(queen)]).toEqual([true, 'laying', null, false]);
  });

  it('asks of a half who is in one of the two', () => {
    expect(whoIsThere(split)).toMatchObject({ is: 'laying', queenId: 'q' });
    expect([expectedIn(halfOf('virgin flying')), lays(halfOf('virgin flying'))]).toEqual(['virgin', false]);
    expect(cagedOn(halfOf('bought queen caged'))).toBe(at(0));
    expect(arrivedOn(halfOf('swarm hived'))).toBe(at(0));
    expect([cagedOn(split), arrivedOn(split), whoIsThere(named('queen taken out'))]).toEqual([null, null, null]);
  });

  it('knows by when the queen before may have laid: by the day she was lost or left, or by what was known before', () => {
    expect(lossOf(named('queen lost, day not certain'))).toBe(at(4));
    expect(lossOf(named('laying queen, swarm seen'))).toBe(at(1));
    expect(lossOf(named('bought queen caged'))).toBe(at(-2));
    expect(lossOf({ ...named('no queen, none lost'), lastOwnEggs: at(3) })).toBe(at(3));
    expect(lossOf(named('laying queen'))).toBeNull();
  });

  it('tells an empty look from one that a test frame answered', () => {
    const late = named('virgin, late but there');
    expect(noEggsOn(late)).toBeNull();
    expect(noEggsOn({ ...late, overdue: { is: 'late-but-there', on: at(12), noEggsOn: at(16) } })).toBe(at(16));
    expect(noEggsOn({ ...late, overdue: { is: 'no-eggs', on: at(9) } })).toBe(at(9));
    expect(noEggsOn(named('laying queen'))).toBeNull();
  });

  it('knows who left, and whose wing is clipped, where somebody is there', () => {
    expect(queenIdIn(named('laying queen, read as gone'))).toBe('q');
    expect(queenIdIn(named('queen taken out'))).toBeNull();
    expect(isClipped({ ...named('virgin flying'), clipped: true } as QueenState)).toBe(true);
    expect(isClipped(named('laying queen, read as gone'))).toBe(false);
  });
});
