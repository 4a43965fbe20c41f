import { describe, expect, it } from 'vitest';
import { day } from '../../calendar/day';
import { queenEvent } from '../../colony/testing';
import { expectedIn } from '../../queens/queen-questions';
import { anAnswer, aProgramme, cell, checks, iso, look, saw, shut, yard } from '../testing';

const removed = queenEvent({ kind: 'removed', on: day('2027-05-10'), at: '2027-05-10T16:00' });
const cells = [cell('a'), cell('b'), cell('c')];
const alone = (facts: object, shared: object = {}) => yard({ home: { cells, ...facts } }, shared);
const cleared = look('05-10');

describe('cells raised after the queen was taken', () => {
  it.each(['05-17', '05-18'])(
    'found sealed on %s: laid in the six days before, the virgin out from the ninth day',
    (on) => {
      const found = look(on, { eggs: 'none', cells: [saw('a', 'sealed')] });
      const state = alone({ inspections: [cleared, found], queenEvents: [removed] })('home', on);
      const [a] = state.cells;
      expect([a?.dates.conflict, iso(a?.planBy.laid?.from as never), iso(a?.planBy.laid?.to as never)]).toEqual([
        null,
        '05-04',
        '05-10',
      ]);
      expect(shut(state)[0]).saying(/^05-19\.\./);
    },
  );

  it('found sealed on the sixth day: no contradiction', () => {
    const found = look('05-16', { eggs: 'none', cells: [saw('a', 'sealed')] });
    const [a] = alone({ inspections: [cleared, found], queenEvents: [removed] })('home', '05-16').cells;
    expect([a?.dates.conflict, iso(a?.planBy.laid?.from as never), iso(a?.planBy.laid?.to as never)]).toEqual([
      null,
      '05-04',
      '05-09',
    ]);
  });

  it('the same after cells were broken down at a cleared inspection', () => {
    const down = look('05-10', { cells: [saw('a', 'larva-large', true)] });
    const found = look('05-17', { cells: [saw('b', 'sealed')] });
    const b = alone({ inspections: [down, found] })('home', '05-17').cells.find((one) => one.cell.id === 'b');
    expect([b?.dates.conflict, iso(b?.planBy.laid?.from as never), iso(b?.planBy.laid?.to as never)]).toEqual([
      null,
      '05-04',
      '05-10',
    ]);
  });
});

describe('a cell found sealed when its last day is past', () => {
  const sealed = look('05-17', { eggs: 'none', cells: [saw('a', 'sealed')] });
  // Laid by 10 May: out by 27 May at the latest.
  const late = look('05-29', { eggs: 'none', cells: [saw('a', 'sealed')] });

  it('is dead, empty or sealed again: it dates nothing and keeps nothing shut', () => {
    const state = alone({ inspections: [cleared, sealed, late], queenEvents: [removed] })('home', '05-29');
    const [a] = state.cells;
    expect([iso(a?.overdueOn as never), a?.dates.conflict, state.liveCells]).toEqual(['05-29', null, []]);
    expect(state.cellDates.lastEmergence).toBeNull();
    expect(expectedIn(state.queen)).toBe('virgin');
    expect(shut(state)[0]).saying(/\.\.06-0[67]$/);
  });

  it('counts so even where it was not known before, since every virgin of that loss is out', () => {
    const state = alone({ inspections: [cleared, late], queenEvents: [removed] })('home', '05-29');
    expect(state.cells[0]?.overdueOn).toBe(day('2027-05-29'));
  });

  it('is open to any other report later: torn down, out, or opened and broken down', () => {
    const opened = look('06-02', { eggs: 'none', cells: [saw('a', 'removed')] });
    const state = alone({ inspections: [cleared, sealed, late, opened], queenEvents: [removed] })('home', '06-02');
    expect(state.cells[0]?.planBy.status).toBe('removed');
  });
});

describe('cells that all go elsewhere', () => {
  const seen = look('05-10', { cells: [saw('a', 'sealed')] });

  it('take their orders with them', () => {
    const before = alone({ inspections: [seen] })('home', '05-10');
    expect(checks(before)).toEqual(['act 05-10/05-10/05-10']);
    const move = {
      id: 'z',
      cellId: 'a',
      toColonyId: 'other',
      label: 'x',
      at: '2027-05-10T16:00',
      on: day('2027-05-10'),
    };
    const after = yard(
      { home: { cells, inspections: [seen] }, other: {} },
      { cellMoves: [{ ...move, travel: 'cut-out' as const }] },
    )('home', '05-10');
    // As after cells were broken down: back within three days.
    expect(checks(after)).toEqual(['look 05-11/05-12/05-13']);
  });
});

describe('a virgin out while others are to come', () => {
  const risk = look('05-16', { eggs: 'none', cells: [saw('a', 'emerged'), saw('b', 'sealed')] });

  it('asks for the other cells on the day after as well, though the hive would have to be left shut', () => {
    const state = alone({ inspections: [risk] })('home', '05-17');
    const [act] = state.schedule.checks;
    expect([act?.code, act?.forced]).toEqual(['act', expect.saying('Break down the other cells first')]);
  });

  it('asks for nothing of the kind once they are down, and expects no new cells', () => {
    const obeyed = look('05-16', {
      at: '2027-05-16T17:00',
      id: 'later',
      eggs: 'none',
      cells: [saw('b', 'sealed', true)],
    });
    const state = alone({ inspections: [risk, obeyed] })('home', '05-16');
    expect(state.schedule.checks.map(({ code }) => code)).toEqual(['eggs']);
  });

  it('is heard as well as seen', () => {
    const quacking = look('05-16', { eggs: 'none', piping: 'quacking', cells: [saw('b', 'sealed')] });
    expect(alone({ inspections: [quacking] })('home', '05-16').lastInspection?.reading.reading).toBe('cast-risk');
    const tooting = look('05-16', { eggs: 'none', piping: 'tooting' });
    expect(alone({ inspections: [tooting] })('home', '05-16').lastInspection?.reading.reading).toBe('virgin-loose');
  });

  it('is there when she is seen running beside cells that may hold another, and not when she is taken out', () => {
    const running = { queen: 'seen', queenSeenAs: 'virgin', eggs: 'none' } as const;
    const reading = (seen: Parameters<typeof look>[1]) => {
      const state = alone({ inspections: [look('05-16', seen)] })('home', '05-16');
      return [state.lastInspection?.reading.reading, expectedIn(state.queen)];
    };
    const cells = [saw('b', 'sealed')];
    expect(reading({ ...running, cells })).toEqual(['cast-risk', 'virgin']);
    expect(reading({ ...running, cells, queenHandled: 'taken' })[0]).not.toBe('cast-risk');
    expect(reading(running)).toEqual(['awaiting-eggs', 'virgin']);
  });
});

describe('above the excluder of a Demaree', () => {
  const programme = aProgramme({
    method: 'demaree',
    units: [
      { unit: 'bottom', colonyId: 'home' },
      { unit: 'top', colonyId: 'home' },
    ],
  });
  const start = look('05-10', { queen: 'seen' });
  const top = [cell('t', 'above')];

  it('a search on the third day does not do: it is asked for again until the ninth', () => {
    const answers = [anAnswer(programme.id, 'home', 'clear-top-cells', '2027-05-13', 'taken-down')];
    const state = yard({ home: { cells: top, inspections: [start] } }, { programmes: [programme], answers })(
      'home',
      '05-13',
    );
    expect(checks(state)).toContain('clear-top-cells 05-16/05-17/05-18');
  });

  it.each([
    ['2027-05-13', '05-13', 'clear-top-cells 05-16/05-17/05-18'],
    ['2027-05-17', '05-17', 'clear-top-cells 05-18/05-19/05-20'],
    ['2027-05-19', '05-19', 'clear-top-cells 05-20/05-20/05-20'],
    ['2027-05-20', '05-20', undefined],
  ])('is searched once more by the tenth day, if the keeper wants it: said on %s', (on, today, asked) => {
    const answers = [anAnswer(programme.id, 'home', 'clear-top-cells', on, 'once-more')];
    const state = yard({ home: { cells: top, inspections: [start] } }, { programmes: [programme], answers })(
      'home',
      today,
    );
    expect(checks(state).find((check) => check.startsWith('clear-top'))).toBe(asked);
  });

  it('an open cell up there is said, and a virgin looked for above, not below', () => {
    const open = look('05-26', { cells: [saw('t', 'emerged')] });
    const state = yard({ home: { cells: top, inspections: [start, open] } }, { programmes: [programme] })(
      'home',
      '05-26',
    );
    expect(state.lastInspection?.reading.because.map(({ code }) => code)).toContain('virgin-above');
    expect([expectedIn(state.queen), shut(state)]).toEqual(['laying', []]);
    expect(checks(state)).toContain('clear-top-cells 05-27/05-27/05-29');
  });
});
