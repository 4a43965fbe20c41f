import { describe, expect, it } from 'vitest';
import { dueWords } from '../../words/due';
import { addDays, day } from '../calendar/day';
import { READINGS } from '../inspections/reading';
import { checkKey } from '../programmes/check-key';
import { verbatim } from '../says/together';
import { aCheck, type Check, type CheckCode, isDaily, type LeaveShut, stakeOf } from './check';
import { byPressing, byPressingLead, colonyOnDay, type Standing, standingOf } from './standing';
import { differenceOf } from './what-moved';

const TODAY = day('2027-05-20');
/** A check whose window lies so many days from today. */
const check = (earliest: number, ideal: number, latest: number, over: Partial<Check> = {}): Check =>
  aCheck({
    key: 'k',
    code: 'look',
    why: verbatim(''),
    window: { earliest: addDays(TODAY, earliest), ideal: addDays(TODAY, ideal), latest: addDays(TODAY, latest) },
    ...over,
  });
const shut: readonly LeaveShut[] = [{ from: addDays(TODAY, -2), to: addDays(TODAY, 2) }];
const planned = (days: number) => ({ plannedFor: addDays(TODAY, days) });

describe('how a check stands on a day', () => {
  it.each<[string, Check, Standing, (readonly LeaveShut[])?]>([
    ['the day before its first', check(1, 2, 3), 'later'],
    ['its first day', check(0, 2, 3), 'now'],
    ['its last day', check(-3, -1, 0), 'now'],
    ['the day after its last', check(-3, -2, -1), 'late'],
    ['put on another day, before that', check(-1, 0, 3, planned(1)), 'later'],
    ['put on today, after its last day', check(-5, -4, -3, planned(0)), 'now'],
    ['put on yesterday, after its last day', check(-5, -4, -3, planned(-1)), 'late'],
    ['put on yesterday, within its days', check(-5, -4, 3, planned(-1)), 'now'],
    ['to be opened while it is left shut', check(-1, 0, 3), 'set-aside', shut],
    ['not opened for it', check(-1, 0, 3, { opens: false }), 'now', shut],
    ['forced', check(-1, 0, 3, { forced: verbatim('must') }), 'now', shut],
    ['still to come while it is left shut', check(1, 1, 3), 'later', shut],
  ])('%s', (_, one, standing, leaveShut = []) => {
    expect(standingOf(one, leaveShut, TODAY)).toBe(standing);
  });
});

describe('what presses more', () => {
  it('is what can be lost, then the last day, then the best', () => {
    const order = check(-5, -4, -3, { code: 'supers-check' });
    const swarm = check(0, 1, 9, { code: 'thin-cells' });
    const queen = check(0, 1, 2, { code: 'eggs' });
    expect([order, queen, swarm].sort(byPressing)).toEqual([swarm, queen, order]);
    expect(byPressing(check(0, 1, 3), check(0, 1, 4))).toBeLessThan(0);
    expect(byPressing(check(0, 2, 3), check(0, 1, 3))).toBeGreaterThan(0);
  });

  it('of acts by their reading: swarms first, then queens, room last', () => {
    const stakes = READINGS.map((reading) => [reading, stakeOf({ code: 'act', reading })]);
    const at = (stake: number) => stakes.filter(([, one]) => one === stake).map(([reading]) => reading);
    expect(at(0).sort()).toEqual(['cast-risk', 'early-preparing', 'preparing', 'swarm-imminent', 'swarmed']);
    expect(at(2)).toEqual(['congested']);
    expect(stakeOf({ code: 'act' })).toBe(1);
    expect(stakeOf({ code: 'look' })).toBe(0);
  });

  it('of colonies: one with something due before one without, those by their day', () => {
    const at = (...checks: Check[]) => colonyOnDay({ checks, leaveShut: [] }, TODAY);
    const due = at(check(-1, 0, 3));
    const presses = at(check(-1, 0, 1));
    const [soon, later, nothing] = [at(check(1, 2, 3)), at(check(1, 4, 5)), at()];
    expect([nothing, later, due, soon, presses].sort(byPressingLead)).toEqual([presses, due, soon, later, nothing]);
  });
});

describe('a colony on a day', () => {
  it('has what is due with what presses most first, and what is to come in order of its day', () => {
    const checks = [
      check(5, 6, 8, { key: 'far' }),
      check(-1, 0, 4, { key: 'easy', code: 'supers-check' }),
      check(1, 2, 8, { key: 'near' }),
      check(-1, 0, 1, { key: 'hard' }),
    ];
    const found = colonyOnDay({ checks, leaveShut: [] }, TODAY);
    expect(found.due.map((one) => one.check.key)).toEqual(['hard', 'easy']);
    expect(found.later.map((one) => one.check.key)).toEqual(['near', 'far']);
    expect([found.lead?.check.key, found.shut]).toEqual(['hard', null]);
    expect(colonyOnDay({ checks, leaveShut: shut }, TODAY).shut).toEqual(shut[0]);
    expect(colonyOnDay({ checks: [], leaveShut: [] }, TODAY).lead).toBeNull();
  });
});

describe('how it is said', () => {
  const said = (one: Check, standing: Standing) => dueWords({ check: one, standing }, TODAY);
  it.each<[Check, Standing, string]>([
    [check(-3, -2, -1), 'late', 'Late: inspect. Due by Wed 19 May, yesterday'],
    [check(-9, -8, -7, planned(-2)), 'late', 'Late: inspect. Due by Tue 18 May, 2 days ago'],
    [check(-9, -8, -2, planned(-4)), 'late', 'Late: inspect. Due by Tue 18 May, 2 days ago'],
    [check(-1, -1, 0), 'now', 'Inspect today'],
    [check(-5, -4, 3, planned(0)), 'now', 'Inspect today'],
    [check(-5, -4, -3, planned(1)), 'now', 'Inspect now, planned for Fri 21 May'],
    [check(-1, 0, 3), 'now', 'Inspect by Sun 23 May, best now'],
    [check(-1, 1, 3), 'now', 'Inspect by Sun 23 May, best Fri 21 May'],
    [check(-1, 1, 3, planned(2)), 'now', 'Inspect by Sun 23 May, planned for Sat 22 May'],
    [check(-1, 1, 3, { code: 'turn-hive' }), 'now', 'Turn the hive by 15 degrees today, and each day to Sun 23 May'],
    [
      check(-1, 1, 3, { code: 'turn-hive', ...planned(2) }),
      'now',
      'Turn the hive by 15 degrees by Sun 23 May, planned for Sat 22 May',
    ],
    [check(2, 3, 5), 'later', 'Inspect Sun 23 May, in 3 days'],
    [check(-1, 0, 3), 'set-aside', 'Inspect once it may be opened again'],
    [check(-1, 0, 3, { order: verbatim('Give room') }), 'set-aside', 'Give room once it may be opened again'],
  ])('%#', (one, standing, words) => {
    expect(said(one, standing)).toBe(words);
  });

  it('names checks by what they hang on, and the second of a kind apart', () => {
    expect([checkKey('doors', 'p'), checkKey('doors', 'p', 1), checkKey('doors', 'p', 2)]).toEqual([
      'doors:p',
      'doors:p',
      'doors:p:2',
    ]);
    const daily: CheckCode[] = ['turn-hive', 'shift-boxes'];
    expect([...daily, 'look', 'doors'].filter(isDaily)).toEqual(daily);
  });
});

describe('what a correction moved', () => {
  it('is what has another first, best or last day, by its key', () => {
    const was = [check(0, 1, 2, { key: 'a' }), check(0, 1, 2, { key: 'b' }), check(0, 1, 2, { key: 'gone' })];
    const moved = (e: number, i: number, l: number) =>
      differenceOf(was, [check(e, i, l, { key: 'a' }), check(0, 1, 2, { key: 'new' })]).length;
    expect([moved(0, 1, 2), moved(-1, 1, 2), moved(0, 2, 2), moved(0, 1, 3)]).toEqual([0, 1, 1, 1]);
  });
});
