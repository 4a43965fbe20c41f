import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import type { MethodCount, SeasonBack } from '../core/looking-back/season-back';
import { ageWords, methodBackWords, seasonBackWords } from './looking-back';

const NONE: SeasonBack = {
  colonies: 1,
  lookedAt: 0,
  inspections: 0,
  primes: 0,
  casts: 0,
  cellsFound: 0,
  oldestCell: null,
  methods: [],
  queens: { meant: 0, laid: 0, failed: 0, underWay: 0 },
  checks: { early: 0, inTime: 0, late: 0, leftOut: 0, missed: 0 },
  firstDrones: null,
  firstCharged: null,
};
const NO_ROUNDS = { rounds: 0, minutes: 0, honeyKg: 0, fedKg: 0 };
const split = (begun: number): MethodCount => ({
  method: 'walk-away',
  begun,
  cameOut: { 'queen-lays': begun - 1, 'given-up': 1, 'under-way': 0, over: 0 },
  swarmedAfter: 1,
});

describe('a season in sentences', () => {
  it('of which nothing was entered is short, and says no more than that', () => {
    expect(seasonBackWords(NONE, NO_ROUNDS, null)).toEqual([
      '1 colony, none inspected.',
      'No swarm was noted to leave.',
      'No cells with eggs or larvae were found.',
    ]);
  });

  it('says what came to what, what was late, and the first days beside those of the year before', () => {
    const season: SeasonBack = {
      ...NONE,
      colonies: 3,
      lookedAt: 3,
      inspections: 20,
      primes: 2,
      casts: 1,
      cellsFound: 5,
      oldestCell: { on: day('2027-05-13'), least: 9, most: 10 },
      methods: [split(2)],
      checks: { early: 1, inTime: 4, late: 1, leftOut: 0, missed: 1 },
      firstDrones: day('2027-04-18'),
    };
    expect(
      seasonBackWords(season, { ...NO_ROUNDS, rounds: 6, minutes: 95 }, { ...NONE, firstDrones: day('2026-04-25') }),
    ).toEqual([
      '3 colonies, 3 inspected, 20 times in all.',
      '2 swarms and 1 cast left.',
      '5 cells found. The oldest, found on 13 May, was 9 to 10 days old. A swarm may leave from the 8th day after the egg on: that was late.',
      'Walk-away split, 2 begun: 1 came to a laying queen, 1 given up and 1 swarmed afterwards.',
      'With fewer than 5 of a kind, how a method came out may be chance.',
      'Of 7 checks that methods asked for: 4 in time, 1 early, 1 late and 1 never made.',
      'First drones flying on 18 Apr (the year before: 25 Apr).',
      '6 rounds noted, 1 h 35 min at the hives.',
    ]);
  });

  it('names chance only where few were made', () => {
    const words = seasonBackWords({ ...NONE, methods: [split(5)] }, NO_ROUNDS, null);
    expect(words.some((line) => line.includes('chance'))).toBe(false);
    expect(methodBackWords(split(5))).toBe('4 came to a laying queen, 1 given up and 1 swarmed afterwards');
  });

  it('says ages as far as they are known', () => {
    const cell = { on: day('2027-05-13'), least: 3 };
    expect(ageWords({ ...cell, most: null })).toBe('3 days old or more');
    expect(ageWords({ ...cell, most: 3 })).toBe('3 days old');
    expect(ageWords({ ...cell, least: 0, most: 3 })).toBe('up to 3 days old');
  });
});
