import { describe, expect, it } from 'vitest';
import { addDays, day } from '../../calendar/day';
import { queenEvent } from '../../colony/testing';
import { expectedIn } from '../../queens/queen-questions';
import { anAnswer, aProgramme, cell, checks, look, saw, yard } from '../testing';
import { needsWayOut } from '../ways-out';

/** Where the pure rules meet what a colony has been through: each of these was once noticed by no test. */
const hive = [{ unit: 'hive', colonyId: 'home' }];
const alone = (facts: object, shared: object = {}) =>
  yard({ home: { cells: [cell('a'), cell('b')], ...facts } }, shared);
const readingOf = (over: object) =>
  alone({ inspections: [look('05-10', over)] })('home', '05-10').lastInspection?.reading.reading;

describe('what an inspection saw is read', () => {
  it('the queen: present and not laying, or missing', () => {
    expect(readingOf({ eggs: 'none', queen: 'seen' })).toBe('not-laying');
    expect(readingOf({ eggs: 'none', queen: 'none' })).toBe('queen-missing');
    expect(readingOf({ eggs: 'none', queen: 'not-looked-for' })).toBe('queen-missing');
  });

  it('drone brood, and several eggs to a cell', () => {
    expect(readingOf({ droneBroodInWorkerCells: 'seen' })).toBe('drone-laying');
    expect(readingOf({ severalEggsPerCell: 'seen' })).toBe('drone-laying');
    expect(readingOf({ droneBroodInWorkerCells: 'not-looked-for' })).toBe('settled');
  });
});

describe('a routine inspection', () => {
  const demaree = aProgramme({
    method: 'demaree',
    on: day('2027-05-10'),
    units: [
      { unit: 'bottom', colonyId: 'home' },
      { unit: 'top', colonyId: 'home' },
    ],
  });

  it('is done by a look of a programme at about its time, and by none that comes later', () => {
    const codes = (state: ReturnType<ReturnType<typeof yard>>) => state.schedule.checks.map(({ code }) => code);
    // The bottom check of 16 to 18 May does for a look due by the 17th; it does not for one due by the 13th.
    expect(codes(alone({ inspections: [look('05-10')] }, { programmes: [demaree] })('home', '05-10'))).not.toContain(
      'look',
    );
    const tipUp = look('05-11', { thoroughness: 'tip-up' });
    expect(codes(alone({ inspections: [tipUp] }, { programmes: [demaree] })('home', '05-11'))).toContain('look');
  });
});

describe('the thinning of a parent', () => {
  const swarm = aProgramme({ method: 'nuc-swarm', units: [{ unit: 'parent', colonyId: 'home' }] });

  it('is not done by an answer of before the day on which every cell can be found', () => {
    const at = (on: string) => {
      const answers = [anAnswer(swarm.id, 'home', 'thin-cells', `2027-${on}`, 'thinned')];
      return checks(alone({}, { programmes: [swarm], answers })('home', on)).some((words) => words.startsWith('thin'));
    };
    expect([at('05-12'), at('05-15'), at('05-16')]).toEqual([true, true, false]);
  });
});

describe('a test frame', () => {
  const virgin = [queenEvent({ kind: 'virgin-out', on: day('2027-05-10') })];
  const empty = look('05-27', { eggs: 'none', queen: 'none' });
  const orders = (programmes: object[]) =>
    alone({ queenEvents: virgin, inspections: [empty] }, { programmes })('home', '05-28').schedule.checks.map(
      ({ order, code }) => order ?? code,
    );

  it('is asked for until one was given, and by nothing else than one', () => {
    expect(orders([])).toEqual(['Give a test frame']);
    expect(orders([aProgramme({ method: 'add-super', on: day('2027-05-28'), units: hive })])).toContainEqual(
      'Give a test frame',
    );
    expect(orders([aProgramme({ method: 'test-comb', on: day('2027-05-28'), units: hive })])).toEqual(['read-comb']);
    // One given before is read by the inspection, which found no cell on it: she is there, and late.
    expect(orders([aProgramme({ method: 'test-comb', on: day('2027-05-20'), units: hive })])).toEqual(['eggs']);
  });

  it('is no reason for a second one, looked at again before it can be read', () => {
    const comb = aProgramme({ method: 'test-comb', on: day('2027-05-28'), units: hive });
    for (const on of ['05-29', '05-30']) {
      const inspections = [empty, look(on, { eggs: 'none', queen: 'none' })];
      const state = alone({ queenEvents: virgin, inspections }, { programmes: [comb] })('home', on);
      expect(checks(state).filter((check) => !check.startsWith('eggs'))).toEqual(['read-comb 05-31/06-01/06-02']);
    }
  });

  it('is answered by her own eggs, and not by those that came with it', () => {
    const comb = aProgramme({ method: 'test-comb', on: day('2027-05-28'), units: hive });
    const codes = (on: string) =>
      alone({ queenEvents: virgin, inspections: [empty, look(on)] }, { programmes: [comb] })(
        'home',
        on,
      ).schedule.checks.map(({ code }) => code);
    expect(codes('05-30')).toContain('read-comb');
    expect(codes('05-31')).not.toContain('read-comb');
    const answers = [anAnswer(comb.id, 'home', 'read-comb', '2027-06-01', 'eggs')];
    const state = alone({ queenEvents: virgin, inspections: [empty] }, { programmes: [comb], answers })(
      'home',
      '06-01',
    );
    expect([expectedIn(state.queen), state.schedule.checks.some(({ code }) => code === 'read-comb')]).toEqual([
      'laying',
      false,
    ]);
  });
});

describe('her own eggs after a test frame', () => {
  const virgin = [queenEvent({ kind: 'virgin-out', on: day('2027-05-10') })];
  const empty = look('05-27', { eggs: 'none', queen: 'none' });
  const comb = aProgramme({ method: 'test-comb', on: day('2027-05-28'), units: hive });
  const answered = (on: string) =>
    anAnswer(comb.id, 'home', 'read-comb', `2027-${on}`, 'eggs', { at: `2027-${on}T15:00` });
  const told = (inspections: object[], answers: object[]) => (on: string) => {
    const state = alone({ queenEvents: virgin, inspections }, { programmes: [comb], answers })('home', on);
    return [expectedIn(state.queen), state.schedule.checks.some(({ code }) => code === 'read-comb')];
  };

  it('come to the same by inspection, by the answer, and by both in either order', () => {
    for (const on of ['05-31', '06-01', '06-02', '06-09']) {
      const seen = look(on);
      expect(told([empty, seen], [])(on), on).toEqual(['laying', false]);
      expect(told([empty], [answered(on)])(on), on).toEqual(['laying', false]);
      expect(told([empty, seen], [answered(on)])(on), on).toEqual(['laying', false]);
    }
  });

  it('leave it to be read where cells hang beside them: who made those is not told', () => {
    const both = look('06-01', { cells: [saw('a', 'larva-small')] });
    expect(told([empty, both], [])('06-01')[1]).toBe(true);
  });

  it('taken back, it is to be read again', () => {
    expect(told([empty], [])('06-01')[1]).toBe(true);
  });
});

describe('ways on', () => {
  const virgin = [queenEvent({ kind: 'virgin-out', on: day('2027-05-10') })];
  const isOffered = (today: string) => needsWayOut(alone({ queenEvents: virgin })('home', today));

  it('are offered once her eggs are overdue, and not while they are waited for', () => {
    // Looked for 21 to 27 May.
    expect(['05-12', '05-27', '05-28', '06-10'].map(isOffered)).toEqual([false, false, true, true]);
  });

  it('are offered at once where she is missing, and not to a colony that lays', () => {
    expect(needsWayOut(alone({ inspections: [look('05-10', { eggs: 'none' })] })('home', '05-10'))).toBe(true);
    expect(needsWayOut(alone({ inspections: [look('05-10')] })('home', '05-10'))).toBe(false);
  });
});

describe('a colony', () => {
  it('whose eggs are seen is not taken for queenless, nor one whose cells are kept for laying', () => {
    const laying = alone({ inspections: [look('05-10', { cells: [saw('a', 'sealed')] })] })('home', '05-10');
    expect([expectedIn(laying.queen), laying.queen.is === 'going', laying.schedule.leaveShut]).toEqual([
      'laying',
      false,
      [],
    ]);
    const swarmed = look('05-10', { eggs: 'none', queen: 'none', cells: [saw('a', 'sealed')] });
    expect(alone({ inspections: [swarmed] })('home', '05-10').schedule.leaveShut).toHaveLength(1);
  });

  it('keeps a removal for the cells first seen after it, and for no others', () => {
    const removed = [queenEvent({ kind: 'removed', on: day('2027-05-10'), at: '2027-05-10T16:00' })];
    const before = look('05-09', { cells: [saw('a', 'larva-small')] });
    const after = look('05-16', { eggs: 'none', cells: [saw('a', 'sealed'), saw('b', 'sealed')] });
    const { cells } = alone({ queenEvents: removed, inspections: [before, after] })('home', '05-16');
    const laid = (id: string) => cells.find((one) => one.cell.id === id)?.planBy.laid;
    expect(laid('a')).toEqual({ from: day('2027-05-04'), to: day('2027-05-06') });
    expect(laid('b')).toEqual({ from: day('2027-05-04'), to: addDays(day('2027-05-16'), -7) });
  });
});
