import { describe, expect, it } from 'vitest';
import { day } from '../../calendar/day';
import { queenEvent } from '../../colony/testing';
import { expectedIn, isClipped } from '../../queens/queen-questions';
import { anAnswer, aProgramme, cell, look, saw, yard } from '../testing';

const halves = [
  { unit: 'nuc', colonyId: 'nuc' },
  { unit: 'parent', colonyId: 'home' },
];
const nuc = { startedOn: day('2027-05-10'), origin: 'nuc' as const };

describe('a cell that was last seen long ago', () => {
  const seenOnce = look('04-10', { cells: [saw('a', 'cup-dry')] });

  it('is set apart, and taken up again with all that was seen of it when it is named', () => {
    const own = {
      cells: [cell('a')],
      inspections: [seenOnce, look('07-20'), look('07-25', { cells: [saw('a', 'egg')] })],
    };
    const [tracked] = yard({ home: own }, {})('home', '07-25').cells;
    expect(tracked?.sights.map(({ found }) => found)).toEqual(['cup-dry', 'egg']);
    expect(tracked?.lastSeen).toBe(day('2027-07-25'));
  });

  it('stays in the list of cells, and holds no queen', () => {
    const state = yard({ home: { cells: [cell('a')], inspections: [seenOnce, look('07-20')] } }, {})('home', '07-20');
    expect([state.cells.map(({ cell: { id } }) => id), state.liveCells]).toEqual([['a'], []]);
  });
});

describe('what a method does to cells', () => {
  const charged = {
    cells: [cell('a'), cell('b')],
    inspections: [look('05-10', { cells: [saw('a', 'larva-small'), saw('b', 'larva-small')] })],
  };
  const swarm = aProgramme({ method: 'nuc-swarm', at: '2027-05-10T16:00', units: halves, keptCellIds: ['a'] });

  it('breaks down those that are not kept, which counts as a search', () => {
    const at = yard({ home: charged, nuc }, { programmes: [swarm] });
    const state = at('home', '05-10');
    expect(state.cells.map(({ cell: { id }, planBy }) => `${id} ${planBy.status}`)).toEqual(['a live', 'b removed']);
    // A cell found after it was not there before: laid since.
    const found = {
      ...charged,
      cells: [...charged.cells, cell('c')],
      inspections: [
        ...charged.inspections,
        look('05-18', { eggs: 'none', cells: [saw('a', 'sealed'), saw('c', 'sealed-fresh')] }),
      ],
    };
    const later = yard({ home: found, nuc }, { programmes: [swarm] })('home', '05-18');
    expect(later.cells.find(({ cell: { id } }) => id === 'c')?.emptyAt.length).toBeGreaterThan(0);
  });

  it('leaves the cells of the unit that is not said to keep any', () => {
    const giving = aProgramme({ method: 'cell-nuc', at: '2027-05-10T16:00', units: halves, keptCellIds: ['a'] });
    const state = yard({ home: charged, nuc }, { programmes: [giving] })('home', '05-10');
    expect(state.cells.map(({ planBy }) => planBy.status)).toEqual(['live', 'live']);
  });
});

describe('a virgin', () => {
  it('who is seen and taken out leaves the colony without one', () => {
    const lost = [queenEvent({ kind: 'virgin-out', on: day('2027-05-10') })];
    const state = (over: object) =>
      yard({ home: { queenEvents: lost, inspections: [look('05-14', { eggs: 'none', queen: 'seen', ...over })] } }, {})(
        'home',
        '05-14',
      );
    expect(expectedIn(state({ queenSeenAs: 'virgin', queenHandled: 'taken' }).queen)).toBe('none');
    expect(expectedIn(state({ queenSeenAs: 'virgin', queenHandled: 'left' }).queen)).toBe('virgin');
    expect(expectedIn(state({ queenSeenAs: 'unmarked', queenHandled: 'taken' }).queen)).toBe('virgin');
    const notSeen = yard(
      {
        home: {
          queenEvents: lost,
          inspections: [look('05-14', { eggs: 'none', queenSeenAs: 'virgin', queenHandled: 'taken' })],
        },
      },
      {},
    )('home', '05-14');
    expect(expectedIn(notSeen.queen)).toBe('virgin');
  });
});

describe('a clipped queen', () => {
  const swarm = aProgramme({ method: 'nuc-swarm', queenId: 'q', units: halves });
  const clipped = (over: object = {}) => {
    const event = { ...queenEvent({ kind: 'clipped', on: day('2027-04-20') }), ...over };
    return isClipped(
      yard({ home: { queenEvents: [event], inspections: [look('05-09')] }, nuc }, { programmes: [swarm] })(
        'nuc',
        '05-10',
      ).queen,
    );
  };

  it('is clipped in the part that she goes with, where it was done to her and before', () => {
    expect(clipped()).toBe(true);
    expect(clipped({ queenId: 'another' })).toBe(false);
    expect(clipped({ kind: 'marked' })).toBe(false);
    expect(clipped({ on: day('2027-05-11') })).toBe(false);
    expect(clipped({ on: day('2027-05-10') })).toBe(true);
  });
});

describe('a union', () => {
  const units = [
    { unit: 'hive', colonyId: 'other' },
    { unit: 'joined', colonyId: 'home' },
  ];
  const united = aProgramme({ method: 'unite', units });

  it('ends the colony that is joined, until it is given up', () => {
    const at = (programme: typeof united) =>
      yard({ home: { inspections: [look('05-09')] }, other: {} }, { programmes: [programme] })('home', '05-12');
    expect([at(united).ended, at(united).schedule.checks]).toEqual([true, []]);
    expect(at({ ...united, endedOn: day('2027-05-11') }).ended).toBe(false);
  });

  it('does not end before its day, nor does a colony on the day before its last', () => {
    const at = yard({ home: {}, other: {} }, { programmes: [united] });
    expect([at('home', '05-09').ended, at('home', '05-10').ended]).toEqual([false, true]);
    const gone = yard({ home: { endedOn: day('2027-05-12') } }, {});
    expect([gone('home', '05-11').ended, gone('home', '05-12').ended]).toEqual([false, true]);
  });
});

describe('eggs that an answer tells of', () => {
  it('close nothing where the queen who is waited for cannot have laid them', () => {
    const bought = aProgramme({ method: 'requeen-mated', queenId: 'q2', units: [{ unit: 'hive', colonyId: 'home' }] });
    const lost = [queenEvent({ kind: 'removed', on: day('2027-05-08') })];
    const answered = (on: string) =>
      yard(
        { home: { queenEvents: lost, inspections: [look('05-07')] } },
        { programmes: [bought], answers: [anAnswer(bought.id, 'home', 'laying-check', `2027-${on}`, 'eggs')] },
      )('home', on);
    expect(answered('05-11').queen.doubt?.code).toMatch(/^(eggs-of-before|old-queen-there)$/);
    expect(answered('05-11').followUps.find(({ code }) => code === 'laying-check')?.status).toBe('due');
    expect(answered('05-17').followUps.find(({ code }) => code === 'laying-check')?.status).toBe('answered');
  });
});

describe('a check that is left out', () => {
  it('stands until the day on which that was said', () => {
    const changes = [
      {
        id: 'c',
        key: 'look:x',
        at: '2027-05-20T10:00',
        on: day('2027-05-20'),
        kind: 'skipped' as const,
        to: null,
        reason: 'rain',
        colonyId: 'home',
      },
    ];
    const at = yard({ home: { inspections: [look('05-09')] } }, { changes });
    expect(at('home', '05-12').schedule.skipped).toEqual([]);
  });
});
