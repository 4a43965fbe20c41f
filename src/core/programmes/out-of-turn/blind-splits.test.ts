import { describe, expect, it } from 'vitest';
import { day } from '../../calendar/day';
import type { SharedFacts } from '../../colony/assemble';
import type { InspectionFact } from '../../colony/facts';
import { expectedIn } from '../../queens/queen-questions';
import { anAnswer, aProgramme, cell, checks, look, saw, shut, yard } from '../testing';

const split = aProgramme({
  method: 'walk-away',
  at: '2027-05-10T15:00',
  units: [
    { unit: 'queenless-half', colonyId: 'new' },
    { unit: 'queen-half', colonyId: 'home' },
  ],
});
const at = (home: InspectionFact[], fresh: InspectionFact[], shared: Partial<SharedFacts> = {}) =>
  yard(
    {
      home: { inspections: home, cells: [cell('h')] },
      new: { origin: 'split', startedOn: split.on, inspections: fresh, cells: [cell('a')] },
    },
    { programmes: [split], ...shared },
  );
const none = (on: string, over: Partial<InspectionFact> = {}) => look(on, { eggs: 'none', queen: 'none', ...over });
const whichHalf = (state: ReturnType<ReturnType<typeof at>>) =>
  state.schedule.checks.find(({ code }) => code === 'which-half');

describe('a blind split whose check is skipped', () => {
  const skipped = {
    id: 'c',
    colonyId: 'home',
    key: `which-half:${split.id}`,
    at: '2027-05-16T20:00',
    on: day('2027-05-16'),
    kind: 'skipped' as const,
    to: null,
    reason: 'rain',
  };

  it('still looks for eggs in both once a young queen can lay', () => {
    const home = at([], [], { changes: [skipped] })('home', '05-20');
    expect([checks(home), shut(home)]).toEqual([['eggs 06-07/06-09/06-13'], ['05-19..06-06']]);
  });

  it('is settled in both by eggs in both on the 29th day', () => {
    const seen = look('06-08');
    const both = at([seen], [seen], { changes: [skipped] });
    for (const id of ['home', 'new']) {
      const state = both(id, '06-08');
      expect([expectedIn(state.queen), state.queen.is === 'either-half', shut(state)]).toEqual(['laying', false, []]);
      expect(state.schedule.checks.map(({ code }) => code)).toEqual(['look']);
    }
  });

  it('and eggs in one only: that one lays; the other is given a test frame once its window has come', () => {
    const state = at([look('06-08')], [none('06-08')], { changes: [skipped] });
    expect(expectedIn(state('home', '06-08').queen)).toBe('laying');
    expect(state('new', '06-08').schedule.checks.map(({ order }) => order)).toContainEqual('Give a test frame');
  });
});

describe('a blind split that was given up', () => {
  it('asks no more which half it is, and still looks for eggs', () => {
    const programmes = [{ ...split, endedOn: day('2027-05-12') }];
    expect(checks(at([], [], { programmes })('new', '05-12'))).toEqual(['eggs 06-07/06-09/06-13']);
  });
});

describe('while both halves are to be left shut', () => {
  it('one only may be opened, for as long as eggs can tell', () => {
    const shutNow = at([], [])('home', '05-20');
    expect(whichHalf(shutNow)).toMatchObject({
      order: 'Look into one half only, for eggs',
      forced: expect.saying('Open one only'),
    });
    expect(whichHalf(at([], [])('home', '05-26'))).toBeDefined();
    expect(whichHalf(at([], [])('home', '05-27'))).toBeUndefined();
  });
});

describe('which half it is', () => {
  it('is told by the queen herself, where no virgin can be out yet', () => {
    const seen = at([look('05-12', { queen: 'seen', eggs: 'not-looked-for' })], []);
    expect([expectedIn(seen('home', '05-12').queen), expectedIn(seen('new', '05-12').queen)]).toEqual([
      'laying',
      'none',
    ]);
    const late = at([look('05-22', { queen: 'seen', eggs: 'not-looked-for' })], []);
    expect(late('home', '05-22').queen.is).toBe('either-half');
  });

  it('is hers where she is seen beside cells: she means to swarm still', () => {
    const both = at([none('05-16', { queen: 'seen', cells: [saw('h', 'larva-large')] })], []);
    expect(expectedIn(both('home', '05-16').queen)).toBe('laying');
    expect(both('home', '05-16').lastInspection?.reading.reading).toBe('preparing');
    expect(expectedIn(both('new', '05-16').queen)).toBe('none');
  });

  it('is told anew by a second answer', () => {
    const say = (on: string, queenlessColonyId: string) =>
      anAnswer(split.id, 'home', 'which-half', `2027-${on}`, 'known', { queenlessColonyId });
    const answers = [say('05-15', 'home'), say('05-16', 'new')];
    const state = at([], [], { answers });
    expect([expectedIn(state('home', '05-15').queen), expectedIn(state('home', '05-16').queen)]).toEqual([
      'none',
      'laying',
    ]);
    expect(expectedIn(state('new', '05-16').queen)).toBe('none');
  });

  it('stays open where eggs are seen in both in time: each lays, and it is said that this does not fit', () => {
    const state = at([look('05-15')], [look('05-15', { at: '2027-05-15T15:30', id: 'z' })]);
    expect(expectedIn(state('home', '05-15').queen)).toBe('laying');
    expect(state('new', '05-15').queen).toMatchObject({ is: 'laying', doubt: { code: 'eggs-unexplained' } });
  });

  it('eggs in one and neither eggs nor cells in the other: nothing to raise a queen from there', () => {
    const state = at([look('05-16')], [none('05-16', { at: '2027-05-16T15:30', id: 'z' })]);
    expect(state('new', '05-16').schedule.checks.map(({ order }) => order)).toEqual([
      'Give it a queen or a cell, or unite it',
    ]);
  });
});

describe('a half whose cells were never entered', () => {
  it('waits for eggs by its emergency span like one whose cells are known', () => {
    const told = look('05-14');
    // Eggs looked for and none on the first day of the window: the window goes on, with a test frame the same day.
    const state = at([told], [none('06-07', { thoroughness: 'tip-up' })])('new', '06-07');
    expect(state.lastInspection?.reading.reading).toBe('awaiting-eggs');
    expect(state.schedule.checks.map(({ code, order }) => order ?? code)).toEqual(['Give a test frame', 'eggs']);
  });
});

describe('a cell kept in one half', () => {
  it('puts off no look for the half', () => {
    const programmes = [{ ...split, keptCellIds: ['h'] }];
    const ripe = look('05-10', { cells: [saw('h', 'sealed-ripe')] });
    const state = at([{ ...ripe, at: '2027-05-10T14:00' }], [], { programmes })('home', '05-11');
    expect(checks(state)).toContain('which-half 05-15/05-16/05-17');
  });
});

describe('a bought queen for a blind split', () => {
  const programmes = [{ ...split, buysQueen: true }];

  it('has no day before the half is known, and then days from it', () => {
    const before = at([], [], { programmes })('new', '05-12');
    expect(before.schedule.checks.map(({ code }) => code)).not.toContain('act');
    const after = at([look('05-16')], [], { programmes })('new', '05-16');
    expect(checks(after)).toEqual(['act 05-16/05-17/05-19']);
  });
});
