import { describe, expect, it } from 'vitest';
import { dueWords } from '../../../words/due';
import { day } from '../../calendar/day';
import { queenEvent } from '../../colony/testing';
import { expectedIn } from '../../queens/queen-questions';
import { byPressing, colonyOnDay } from '../../schedule/standing';
import { anAnswer, aProgramme, cell, checks, look, saw, yard } from '../testing';

const hive = [{ unit: 'hive', colonyId: 'home' }];

describe('a duty that an inspection did not speak to', () => {
  const open = aProgramme({ method: 'open-sides', units: hive });

  it('stands: honey in the way on Sunday is not undone by not having looked on Monday', () => {
    const seen = look('05-24', { stores: 'honey' });
    const notLooked = look('05-25', { stores: 'not-looked-for' });
    const state = yard({ home: { inspections: [seen, notLooked] } }, { programmes: [open] })('home', '05-25');
    expect(state.followUps.map(({ code, status }) => [code, status])).toEqual([['space-check', 'due']]);
    const room = look('05-25', { stores: 'room' });
    const answered = yard({ home: { inspections: [seen, room] } }, { programmes: [open] })('home', '05-29');
    expect(answered.followUps[0]?.status).toBe('due');
  });
});

describe('the order of what is due', () => {
  it('is by what can be lost, then by the last day', () => {
    const demaree = aProgramme({
      method: 'demaree',
      on: day('2027-05-02'),
      units: [
        { unit: 'bottom', colonyId: 'home' },
        { unit: 'top', colonyId: 'home' },
      ],
    });
    const answers = ['clear-top-cells', 'bottom-check'].map((code) =>
      anAnswer(demaree.id, 'home', code as never, '2027-05-09', code === 'bottom-check' ? 'in-order' : 'none-found'),
    );
    const state = yard({ home: { inspections: [look('05-10')] } }, { programmes: [demaree], answers })('home', '05-17');
    const { due } = colonyOnDay(state.schedule, day('2027-05-17'));
    expect(due.map(({ check }) => check.code)).toEqual(['look', 'supers-check']);
  });

  it('puts what must be done about a swarm before a first look that has a week', () => {
    const swarming = yard(
      { home: { cells: [cell('a')], inspections: [look('05-16', { cells: [saw('a', 'sealed')] })] } },
      {},
    );
    const fresh = yard({ home: { startedOn: day('2027-05-15') } }, {});
    const [act] = swarming('home', '05-16').schedule.checks;
    const [first] = fresh('home', '05-16').schedule.checks;
    expect(byPressing(act as never, first as never)).toBeLessThan(0);
  });
});

describe('no eggs at an inspection within the window', () => {
  const virgin = [queenEvent({ kind: 'virgin-out', on: day('2027-05-10') })];
  const empty = (on: string) => look(on, { eggs: 'none', queen: 'none' });

  it('asks for a test frame the same day, as the answer does', () => {
    const state = yard({ home: { queenEvents: virgin, inspections: [empty('05-23')] } }, {})('home', '05-23');
    expect(checks(state)).toEqual(['act 05-23/05-23/05-26', 'eggs 05-21/05-23/05-27']);
  });

  it('orders a late queen replaced who stays late', () => {
    const comb = aProgramme({ method: 'test-comb', on: day('2027-05-27'), units: hive });
    const answers = [anAnswer(comb.id, 'home', 'read-comb', '2027-05-31', 'no-cells')];
    const at = yard(
      { home: { queenEvents: virgin, inspections: [empty('05-27'), empty('06-05')] } },
      { programmes: [comb], answers },
    );
    expect(checks(at('home', '05-31'))).toEqual(['eggs 06-04/06-05/06-07']);
    expect(at('home', '06-05').schedule.checks.map(({ order }) => order)).toEqual([
      'Replace her: find and remove her; give a mated queen a day later, or unite',
    ]);
  });

  it('reads the test frame by the cells that an inspection finds on it', () => {
    const comb = aProgramme({ method: 'test-comb', on: day('2027-05-27'), units: hive });
    const found = look('05-31', { eggs: 'none', queen: 'none', cells: [saw('a', 'larva-small')] });
    const state = yard(
      { home: { cells: [cell('a')], queenEvents: virgin, inspections: [empty('05-27'), found] } },
      { programmes: [comb] },
    )('home', '05-31');
    expect([expectedIn(state.queen), state.followUps[0]?.status]).toEqual(['none', 'seen']);
  });
});

describe('a thinning that was missed', () => {
  const swarm = aProgramme({
    method: 'old-site-swarm',
    units: [
      { unit: 'parent', colonyId: 'home' },
      { unit: 'old-site', colonyId: 'swarm' },
    ],
  });
  const at = yard({ home: {}, swarm: { startedOn: swarm.on } }, { programmes: [swarm] });

  it('is not asked for again, neither while it is to be left shut nor after', () => {
    for (const today of ['05-19', '06-01', '06-07', '06-20']) {
      const state = at('home', today);
      expect(state.schedule.missed.map(({ code }) => code)).toEqual(['thin-cells', 'move-parent']);
      expect(state.schedule.checks.map(({ code }) => code)).toEqual(['eggs']);
    }
  });

  it('the old site without eggs on the sixth day is looked into again on its last', () => {
    const state = yard(
      { home: {}, swarm: { startedOn: swarm.on, inspections: [look('05-16', { eggs: 'none', queen: 'seen' })] } },
      { programmes: [swarm] },
    )('swarm', '05-16');
    expect(checks(state)).toEqual(['laying-check 05-18/05-18/05-18']);
  });
});

describe('small daily tasks', () => {
  const even = aProgramme({
    method: 'even-split',
    units: [
      { unit: 'queenless-half', colonyId: 'new' },
      { unit: 'queen-half', colonyId: 'home' },
    ],
  });
  const shifts = (today: string, answers: ReturnType<typeof anAnswer>[] = []) =>
    checks(yard({ home: {}, new: { startedOn: even.on } }, { programmes: [even], answers })('home', today)).filter(
      (words) => words.startsWith('shift'),
    );

  it('are due each day, done for the day once ticked, and end by themselves', () => {
    expect(shifts('05-11')).toEqual(['shift-boxes 05-11/05-11/05-17']);
    const done = [anAnswer(even.id, 'home', 'shift-boxes', '2027-05-12', 'done')];
    expect(shifts('05-12', done)).toEqual(['shift-boxes 05-13/05-13/05-17']);
    expect(shifts('05-15', done)).toEqual(['shift-boxes 05-13/05-15/05-17']);
    expect(shifts('05-17', done)).toHaveLength(1);
    expect(shifts('05-18', done)).toEqual([]);
    expect(shifts('05-13', [anAnswer(even.id, 'home', 'shift-boxes', '2027-05-13', 'even')])).toEqual([]);
  });

  it('are said with the day on which they end, not with a best day', () => {
    const state = yard({ home: {}, new: { startedOn: even.on } }, { programmes: [even] })('home', '05-12');
    const words = colonyOnDay(state.schedule, day('2027-05-12')).due.map((one) => dueWords(one, day('2027-05-12')));
    expect(words).toContain(
      'Move both boxes by 10 cm, the weaker nearer the old place today, and each day to Mon 17 May',
    );
  });

  it('a split turned to the wall is turned back by 15 degrees a day, where that was chosen', () => {
    const turned = aProgramme({
      method: 'queen-split',
      turnsDaily: true,
      units: [
        { unit: 'parent', colonyId: 'home' },
        { unit: 'nuc', colonyId: 'nuc' },
      ],
    });
    const at = (programmes: object[]) =>
      checks(yard({ home: {}, nuc: { startedOn: turned.on } }, { programmes: programmes as never })('nuc', '05-11'));
    expect(at([turned])).toContain('turn-hive 05-11/05-11/05-22');
    expect(at([{ ...turned, turnsDaily: false }]).join()).not.toContain('turn-hive');
  });
});

describe('a check planned for another day', () => {
  const move = (to: string) => ({
    id: 'c',
    colonyId: 'home',
    key: 'look:2027-05-10T15:00',
    at: '2027-05-14T20:00',
    on: day('2027-05-14'),
    kind: 'moved' as const,
    to: day(`2027-${to}`),
    reason: 'rain',
  });
  const standing = (to: string, today: string) => {
    const state = yard({ home: { inspections: [look('05-10')] } }, { changes: [move(to)] })('home', today);
    return colonyOnDay(state.schedule, state.today).lead?.standing;
  };

  it('is due that day, not before it, and late after its window', () => {
    // The window is 15 to 17 May.
    expect(['05-15', '05-16', '05-17', '05-18'].map((today) => standing('05-17', today))).toEqual([
      'later',
      'later',
      'now',
      'late',
    ]);
    expect(['05-17', '05-18', '05-19', '05-20'].map((today) => standing('05-19', today))).toEqual([
      'later',
      'later',
      'now',
      'late',
    ]);
  });
});
