import { describe, expect, it } from 'vitest';
import { day } from '../../calendar/day';
import { queenEvent } from '../../colony/testing';
import { aProgramme, cell, checks, iso, look, saw, shut, yard } from '../testing';

const alone = (facts: object, shared: object = {}) => yard({ home: { cells: [cell('a')], ...facts } }, shared);

describe('days that are not certain', () => {
  it('a queen lost on Sunday or Monday: the danger from Sunday, the patience from Monday', () => {
    const lost = queenEvent({ kind: 'lost', on: day('2027-05-09'), to: day('2027-05-10') });
    const state = alone({ queenEvents: [lost] })('home', '05-11');
    // No cell started after 10 May + 6; the first virgin from 9 May + 9; the last from 10 May + 17.
    expect(checks(state)).toEqual(['find-cells 05-16/05-17/05-17', 'eggs 06-07/06-09/06-13']);
    expect(shut(state)).toEqual(['05-18..06-06']);
  });

  it('cells found after it are dated by both ends', () => {
    const lost = queenEvent({ kind: 'lost', on: day('2027-05-09'), to: day('2027-05-10') });
    const found = look('05-17', { eggs: 'none', cells: [saw('a', 'sealed')] });
    const [a] = alone({ queenEvents: [lost], inspections: [found] })('home', '05-17').cells;
    expect([iso(a?.planBy.laid?.from as never), iso(a?.planBy.laid?.to as never)]).toEqual(['05-03', '05-10']);
  });

  it('an inspection from memory bounds cells by its first day, and is followed up from it', () => {
    const remembered = look('05-08', { to: day('2027-05-09') });
    const state = alone({ inspections: [remembered] })('home', '05-09');
    expect(checks(state)).toEqual(['look 05-13/05-14/05-15']);
    const found = look('05-16', { cells: [saw('a', 'larva-large')] });
    const [a] = alone({ inspections: [remembered, found] })('home', '05-16').cells;
    expect([iso(a?.planBy.laid?.from as never), iso(a?.planBy.laid?.to as never)]).toEqual(['05-08', '05-11']);
  });

  it('a split made in the week before: the search before the first virgin of an early split, eggs after the last of a late one', () => {
    const split = aProgramme({
      method: 'queen-split',
      on: day('2027-05-08'),
      to: day('2027-05-10'),
      units: [
        { unit: 'parent', colonyId: 'home' },
        { unit: 'nuc', colonyId: 'nuc' },
      ],
    });
    const state = yard({ home: {}, nuc: { startedOn: split.on } }, { programmes: [split] })('home', '05-11');
    expect([checks(state), shut(state)]).toEqual([
      ['thin-cells 05-16/05-16/05-16', 'eggs 06-07/06-09/06-13'],
      ['05-17..06-06'],
    ]);
  });

  it('a swarm that left some time in a week keeps the hive shut from the earliest cast', () => {
    const left = queenEvent({ kind: 'swarmed', on: day('2027-05-06'), to: day('2027-05-12') });
    const state = alone({ queenEvents: [left] })('home', '05-12');
    expect(shut(state)[0]).toMatch(/^05-1[23]\.\.06-08$/);
  });
});
