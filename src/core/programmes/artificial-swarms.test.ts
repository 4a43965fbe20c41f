import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import type { SharedFacts } from '../colony/assemble';
import type { InspectionFact } from '../colony/facts';
import { expectedIn, isClipped } from '../queens/queen-questions';
import { anAnswer, aProgramme, cell, checks, look, saw, shut, yard } from './testing';

describe('an artificial swarm with a nuc', () => {
  const programme = aProgramme({
    method: 'nuc-swarm',
    units: [
      { unit: 'parent', colonyId: 'home' },
      { unit: 'nuc', colonyId: 'nuc' },
    ],
    keptCellIds: ['a'],
  });
  const cells = [cell('a'), cell('b')];
  const before = [
    look('05-03'),
    look('05-10', { queen: 'seen', cells: [saw('a', 'larva-large'), saw('b', 'larva-small')] }),
  ];
  const at = (inspections: InspectionFact[], shared: Partial<SharedFacts> = {}) =>
    yard(
      { home: { cells, inspections }, nuc: { origin: 'nuc', startedOn: programme.on } },
      {
        programmes: [programme],
        ...shared,
      },
    );

  it('dates everything from the kept cell, and counts the others as broken down', () => {
    const state = at(before)('home', '05-10');
    expect(state.cells.map(({ cell: { id }, planBy }) => [id, planBy.status])).toEqual([
      ['a', 'live'],
      ['b', 'removed'],
    ]);
    // Laid 3 to 5 May, so out 18 to 22 May; thinned before the first can be out.
    expect(checks(state)).toEqual(['thin-cells 05-16/05-17/05-17', 'eggs 06-02/06-04/06-08']);
    expect(shut(state)).toEqual(['05-18..06-01']);
    expect(state.schedule.checks[0]?.programme).toEqual({ id: programme.id, unit: 'parent' });
  });

  it('gives the nuc its own check, and no first look besides', () => {
    const nuc = at(before)('nuc', '05-11');
    expect([expectedIn(nuc.queen), checks(nuc)]).toEqual(['laying', ['nuc-settled 05-12/05-13/05-15']]);
  });

  it('moves every date when the kept cell is dated better', () => {
    const sealed = look('05-11', { eggs: 'not-looked-for', cells: [saw('a', 'sealed-fresh')] });
    const state = at([...before, sealed])('home', '05-11');
    // Closed on 11 May: laid no later than 4 May, so out by 21 May and eggs a day sooner.
    expect(checks(state)).toEqual(['thin-cells 05-16/05-17/05-17', 'eggs 06-01/06-03/06-07']);
    expect(state.schedule.checks.at(-1)?.key).toBe(at(before)('home', '05-10').schedule.checks.at(-1)?.key);
  });

  it('is thinned by a look in its window, or by the keeper saying so', () => {
    const searched = look('05-16', { eggs: 'none', cells: [saw('a', 'sealed')] });
    expect(checks(at([...before, searched])('home', '05-16'))).toEqual(['eggs 06-02/06-04/06-08']);
    const answers = [anAnswer(programme.id, 'home', 'thin-cells', '2027-05-17', 'nothing-else')];
    expect(checks(at(before, { answers })('home', '05-17'))).toEqual(['eggs 06-02/06-04/06-08']);
  });

  it('leaves out the second thinning where the keeper chose so', () => {
    const programmes = [{ ...programme, secondThinning: false }];
    expect(checks(at(before, { programmes })('home', '05-10'))).toEqual(['eggs 06-02/06-04/06-08']);
  });

  it('falls back on emergency cells when the kept one is gone', () => {
    const gone = look('05-16', { eggs: 'none', cells: [saw('a', 'not-found')] });
    const state = at([...before, gone])('home', '05-16');
    expect(state.lastInspection?.reading.reading).toBe('queen-missing');
    expect(checks(state)[0]).saying(/^act/);
  });

  it('is done once eggs are seen, whether at an inspection or in passing', () => {
    const answers = [anAnswer(programme.id, 'home', 'eggs', '2027-06-04', 'eggs')];
    const state = at(before, { answers })('home', '06-04');
    expect([expectedIn(state.queen), shut(state)]).toEqual(['laying', []]);
    expect(checks(state)).toEqual(['look 06-08/06-10/06-11']);
    expect(state.schedule.checks[0]?.why).saying('first full inspection');
  });

  it('asks for a test frame when there are none, and reads it', () => {
    const answers = [anAnswer(programme.id, 'home', 'eggs', '2027-06-08', 'no-eggs')];
    const none = at(before, { answers })('home', '06-08');
    expect(checks(none)).toEqual(['act 06-08/06-08/06-11']);
    expect(none.schedule.checks[0]?.order).toEqual('Give a test frame');

    const comb = aProgramme({
      method: 'test-comb',
      on: day('2027-06-08'),
      units: [{ unit: 'hive', colonyId: 'home' }],
    });
    const given = at(before, { answers, programmes: [programme, comb] })('home', '06-08');
    expect(checks(given)).toEqual(['read-comb 06-11/06-12/06-13']);

    const read = (answer: string) => [...answers, anAnswer(comb.id, 'home', 'read-comb', '2027-06-12', answer)];
    const queenless = at(before, { answers: read('cells'), programmes: [programme, comb] })('home', '06-12');
    expect(checks(queenless)).toEqual(['thin-cells 06-14/06-15/06-16', 'eggs 07-06/07-08/07-12']);

    const late = at(before, { answers: read('no-cells'), programmes: [programme, comb] })('home', '06-12');
    expect(checks(late)).toEqual(['eggs 06-16/06-17/06-19']);
  });
});

describe('a bought queen instead of one that is raised', () => {
  const split = aProgramme({
    method: 'queen-split',
    buysQueen: true,
    units: [
      { unit: 'parent', colonyId: 'home' },
      { unit: 'nuc', colonyId: 'nuc' },
    ],
  });
  const at = (shared: Partial<SharedFacts> = {}) =>
    yard(
      { home: { inspections: [look('05-10', { queen: 'seen' })] }, nuc: { startedOn: split.on } },
      { programmes: [split], ...shared },
    );

  it('is caged in a day after, with nothing to leave shut', () => {
    const state = at()('home', '05-10');
    expect([checks(state), shut(state)]).toEqual([['act 05-10/05-11/05-13'], []]);
    expect(state.schedule.checks[0]?.order).toEqual('Cage the bought queen in');
    expect(checks(at()('nuc', '05-10'))).toEqual(['nuc-settled 05-12/05-13/05-15']);
  });

  it('is then followed as any caged queen', () => {
    const caged = aProgramme({
      method: 'requeen-mated',
      on: day('2027-05-11'),
      units: [{ unit: 'hive', colonyId: 'home' }],
    });
    expect(checks(at({ programmes: [split, caged] })('home', '05-11'))).toEqual([
      'released 05-14/05-14/05-16',
      'laying-check 05-18/05-18/05-23',
    ]);
  });
});

describe('a clipped queen that goes to another unit', () => {
  it('is clipped there too', () => {
    const programme = aProgramme({
      method: 'old-site-swarm',
      queenId: 'q',
      units: [
        { unit: 'parent', colonyId: 'home' },
        { unit: 'old-site', colonyId: 'swarm' },
      ],
    });
    const clipped = {
      id: 'e',
      queenId: 'q',
      on: day('2027-04-10'),
      kind: 'clipped',
      at: null,
      to: null,
      emerged: null,
    } as const;
    const at = yard(
      { home: { queenEvents: [clipped] }, swarm: { startedOn: programme.on } },
      { programmes: [programme] },
    );
    expect(isClipped(at('swarm', '05-11').queen)).toBe(true);
    expect(isClipped(at('home', '05-11').queen)).toBe(false);
  });
});

describe('an artificial swarm on the old site', () => {
  const programme = aProgramme({
    method: 'old-site-swarm',
    units: [
      { unit: 'parent', colonyId: 'home' },
      { unit: 'old-site', colonyId: 'swarm' },
    ],
  });
  const at = (shared: Partial<SharedFacts> = {}) =>
    yard({ home: {}, swarm: { origin: 'split', startedOn: programme.on } }, { programmes: [programme], ...shared });

  it('moves the parent on the visit that thins it, and leaves neither out', () => {
    const both = ['thin-cells 05-16/05-17/05-18', 'move-parent 05-16/05-17/05-18', 'eggs 06-07/06-09/06-13'];
    expect(checks(at()('home', '05-12'))).toEqual(both);
    expect(checks(at()('swarm', '05-12'))).toEqual(['laying-check 05-16/05-17/05-18']);
    const answers = [anAnswer(programme.id, 'home', 'move-parent', '2027-05-17', 'moved')];
    expect(checks(at({ answers })('home', '05-17'))).toEqual([both[0], both[2]]);
  });
});

describe('a Demaree', () => {
  const programme = aProgramme({
    method: 'demaree',
    units: [
      { unit: 'bottom', colonyId: 'home' },
      { unit: 'top', colonyId: 'home' },
    ],
  });
  const cells = [cell('a'), cell('t', 'above')];
  const start = [look('05-10', { queen: 'seen', cells: [saw('a', 'larva-small')] })];
  const at = (inspections: InspectionFact[] = start, shared: Partial<SharedFacts> = {}) =>
    yard({ home: { cells, inspections } }, { programmes: [programme], ...shared });
  const later = ['supers-check 05-24/05-24/05-31', 'top-brood-gone 06-01/06-01/06-04'];

  it('answers the alarm it was started for, and asks for both boxes on the seventh day', () => {
    expect(checks(at()('home', '05-10'))).toEqual([
      'clear-top-cells 05-16/05-17/05-18',
      'bottom-check 05-16/05-17/05-18',
      ...later,
    ]);
  });

  it('takes cells above the excluder for what they are, and wants them down', () => {
    const seventh = look('05-17', { cells: [saw('t', 'sealed-fresh')] });
    const state = at([...start, seventh])('home', '05-17');
    expect(state.lastInspection?.reading.reading).toBe('settled');
    expect(state.lastInspection?.reading.because.map(({ code }) => code)).toContain('cells-above');
    expect(checks(state)[0]).toBe('clear-top-cells 05-17/05-17/05-18');
    const cleared = look('05-17', { cells: [saw('t', 'sealed-fresh', true)] });
    expect(checks(at([...start, cleared])('home', '05-17'))).toEqual(['look 05-22/05-23/05-24', ...later].sort());
  });

  it('gives way to a second round', () => {
    const again = aProgramme({ ...programme, id: 'again', on: day('2027-05-26') });
    const state = at(start, { programmes: [programme, again] })('home', '05-26');
    expect(state.followUps.filter(({ status }) => status === 'overtaken').map(({ code }) => code)).toEqual([
      'clear-top-cells',
      'bottom-check',
      'supers-check',
    ]);
    // The drones above the first excluder still want their way out.
    expect(checks(state).map((words) => words.split(' ')[0])).toEqual([
      'top-brood-gone',
      'clear-top-cells',
      'bottom-check',
      'supers-check',
      'top-brood-gone',
    ]);
  });
});
