import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import type { SharedFacts } from '../colony/assemble';
import type { InspectionFact } from '../colony/facts';
import { expectedIn } from '../queens/queen-questions';
import { anAnswer, aProgramme, cell, checks, look, saw, shut, yard } from './testing';

describe('a split of which nobody knows the queenless half', () => {
  const programme = aProgramme({
    method: 'walk-away',
    units: [
      { unit: 'queen-half', colonyId: 'home' },
      { unit: 'queenless-half', colonyId: 'new' },
    ],
  });
  const at = (home: InspectionFact[], fresh: InspectionFact[], shared: Partial<SharedFacts> = {}) =>
    yard(
      {
        home: { inspections: home },
        new: { origin: 'split', startedOn: programme.on, inspections: fresh, cells: [cell('a')] },
      },
      { programmes: [programme], ...shared },
    );
  const withCells = look('05-16', { eggs: 'none', cells: [saw('a', 'sealed')] });

  it('asks the same of both, and shuts both before a virgin could be out', () => {
    for (const id of ['home', 'new']) {
      const state = at([], [])(id, '05-12');
      expect([checks(state), shut(state)]).toEqual([
        ['which-half 05-15/05-16/05-17', 'eggs 06-07/06-09/06-13'],
        ['05-19..06-06'],
      ]);
    }
  });

  it('knows both halves by cells without eggs in one', () => {
    const known = at([], [withCells]);
    expect(known('new', '05-16').lastInspection?.reading.reading).toBe('raising-queen');
    // Closed on 16 May, so laid by 9 May and out by 26 May.
    expect(checks(known('new', '05-16'))).toEqual(['eggs 06-06/06-08/06-12']);
    expect(expectedIn(known('home', '05-16').queen)).toBe('laying');
    expect(shut(known('home', '05-16'))).toEqual([]);
  });

  it('knows both by eggs in one, but not by eggs that were there before', () => {
    const early = at([look('05-13')], []);
    expect(checks(early('new', '05-13'))[0]).toBe('which-half 05-15/05-16/05-17');
    const told = at([look('05-14')], []);
    expect(checks(told('new', '05-14'))).toEqual(['thin-cells 05-16/05-17/05-18', 'eggs 06-07/06-09/06-13']);
    expect(expectedIn(told('home', '05-14').queen)).toBe('laying');
  });

  it('takes the keeper’s word', () => {
    const answers = [
      anAnswer(programme.id, 'home', 'which-half', '2027-05-16', 'known', { queenlessColonyId: 'home' }),
    ];
    const told = at([], [], { answers });
    expect(expectedIn(told('home', '05-16').queen)).toBe('none');
    expect(expectedIn(told('new', '05-16').queen)).toBe('laying');
  });

  it('has failed when neither has eggs or cells', () => {
    const nothing = look('05-16', { eggs: 'none' });
    const failed = at([nothing], [look('05-17', { eggs: 'none' })]);
    for (const id of ['home', 'new']) expect(checks(failed(id, '05-17'))[0]).toMatch(/^act 05-1/);
  });

  it('is saved by a bought queen', () => {
    const failed = look('06-13', { eggs: 'none', cells: [saw('a', 'not-found')] });
    const bought = aProgramme({
      method: 'requeen-mated',
      colonyId: 'new',
      on: day('2027-06-14'),
      units: [{ unit: 'hive', colonyId: 'new' }],
    });
    const programmes = [programme, bought];
    const caged = at([look('05-14')], [withCells, failed], { programmes });
    expect(checks(caged('new', '06-14'))).toEqual(['released 06-17/06-17/06-19', 'laying-check 06-21/06-21/06-26']);
    const answers = [anAnswer(bought.id, 'new', 'released', '2027-06-17', 'out')];
    const out = at([look('05-14')], [withCells, failed], { programmes, answers });
    expect(checks(out('new', '06-17'))).toEqual(['laying-check 06-21/06-21/06-26']);
    const laying = at([look('05-14')], [withCells, failed, look('06-22')], { programmes, answers });
    expect(expectedIn(laying('new', '06-22').queen)).toBe('laying');
    expect(checks(laying('new', '06-22'))).toEqual(['look 06-27/06-28/06-29']);
  });
});
