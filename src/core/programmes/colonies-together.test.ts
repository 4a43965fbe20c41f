import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import type { OwnFacts } from '../colony/assemble';
import type { InspectionFact } from '../colony/facts';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { cellsToGive, cellsWanted } from './cell-list';
import { anAnswer, aProgramme, cell, checks, iso, look, saw, shut, yard } from './testing';
import { waysOut } from './ways-out';

describe('a cell given to another colony', () => {
  it('leaves the one, and dates the other’s programme', () => {
    const giving = [look('05-10', { cells: [saw('a', 'larva-large'), saw('b', 'larva-large')] })];
    const needing = [look('05-09', { eggs: 'none', youngest: 'none' })];
    const give = aProgramme({
      method: 'give-cell',
      colonyId: 'needy',
      units: [{ unit: 'hive', colonyId: 'needy' }],
      keptCellIds: ['b'],
    });
    const move = {
      id: 'm',
      cellId: 'b',
      toColonyId: 'needy',
      label: 'a',
      at: null,
      on: give.on,
      travel: 'cut-out',
    } as const;
    const at = yard(
      { home: { cells: [cell('a'), cell('b')], inspections: giving }, needy: { inspections: needing } },
      { programmes: [give], cellMoves: [move] },
    );
    const home = at('home', '05-10');
    expect(home.cells.map(({ cell: { id }, givenTo }) => [id, givenTo])).toEqual([
      ['a', null],
      ['b', 'needy'],
    ]);
    expect(home.liveCells.map(({ cell: { id } }) => id)).toEqual(['a']);
    const needy = at('needy', '05-10');
    expect(needy.cells.map(({ cell: { id, label } }) => [id, label])).toEqual([['b', 'a']]);
    // A charged (large larva) is five to nine days old: laid 1 to 5 May, out 16 to 22 May.
    expect(checks(needy)).toEqual(['eggs 06-02/06-04/06-08']);
    expect(shut(needy)).toEqual(['05-16..06-01']);
  });
});

describe('the ways on where no queen came to lay', () => {
  it('are dated from today, each by its own biology', () => {
    const ways = waysOut(day('2027-06-10'), DEFAULT_SETTINGS);
    expect(ways.map(({ method, until: { from, to } }) => `${method} ${iso(from)}..${iso(to)}`)).toEqual([
      'test-comb 06-13..06-15',
      'requeen-mated 06-17..06-22',
      // A ripe cell is 13 to 17 days old: out today or within four days, laying 8 to 21 days after.
      'give-cell 06-18..07-05',
      // Eggs given today: out on day 9 to 17.
      'give-eggs 06-27..07-18',
      'unite 06-15..06-17',
    ]);
  });
});

describe('the list of cells', () => {
  const state = (facts: Partial<OwnFacts>) => yard({ home: facts }, {})('home', '05-12');
  const needy = state({ inspections: [look('05-12', { eggs: 'none', youngest: 'none' })] });
  const rich = state({
    cells: [cell('a'), cell('b')],
    inspections: [look('05-12', { cells: [saw('a', 'sealed-ripe'), saw('b', 'larva-large')] })],
  });

  it('names who needs one and what is to spare', () => {
    const standings = [
      { colonyId: 'needy', state: needy },
      { colonyId: 'rich', state: rich },
    ];
    expect(cellsWanted(standings)).toEqual([{ colonyId: 'needy', why: 'queen-may-be-gone' }]);
    expect(cellsToGive(standings).map((one) => [one.colonyId, one.cell.cell.id, one.travels])).toEqual([
      ['rich', 'a', 'ripe'],
      ['rich', 'b', 'open'],
    ]);
  });
});

describe('colonies united', () => {
  it('ends the one and checks the other', () => {
    const programme = aProgramme({
      method: 'unite',
      units: [
        { unit: 'joined', colonyId: 'home' },
        { unit: 'hive', colonyId: 'strong' },
      ],
    });
    const at = yard({ home: {}, strong: { inspections: [look('05-10')] } }, { programmes: [programme] });
    expect(at('home', '05-10').ended).toBe(true);
    expect(at('home', '05-09').ended).toBe(false);
    expect(checks(at('strong', '05-10'))).toEqual(['united 05-15/05-15/05-17']);
  });
});

describe('room given', () => {
  it('answers a want of room, and not the signs of swarming', () => {
    const programme = aProgramme({ method: 'pollen-bound', units: [{ unit: 'hive', colonyId: 'home' }] });
    const at = (over: Partial<InspectionFact>) =>
      checks(
        yard({ home: { cells: [cell('a')], inspections: [look('05-10', over)] } }, { programmes: [programme] })(
          'home',
          '05-10',
        ),
      );
    expect(at({ stores: 'pollen' })).toEqual(['look 05-15/05-16/05-17', 'space-check 05-17/05-17/05-24']);
    expect(at({ cells: [saw('a', 'larva-large')] })[0]).toMatch(/^act/);
  });

  it('is looked at again when it was not taken up', () => {
    const programme = aProgramme({ method: 'add-box', units: [{ unit: 'hive', colonyId: 'home' }] });
    const answers = [anAnswer(programme.id, 'home', 'space-check', '2027-05-18', 'not-yet')];
    const at = yard({ home: {} }, { programmes: [programme], answers });
    expect(checks(at('home', '05-18'))).toEqual(['space-check 05-23/05-25/05-27']);
  });
});

describe('a check that the keeper changed', () => {
  const programme = aProgramme({ method: 'demaree', units: [{ unit: 'bottom', colonyId: 'home' }] });
  const change = (kind: 'moved' | 'skipped' | 'as-it-was', at: string, to: string | null = null) => ({
    id: `${kind}${at}`,
    colonyId: 'home',
    key: `bottom-check:${programme.id}`,
    at: `2027-${at}T10:00`,
    on: day(`2027-${at}`),
    kind,
    to: to === null ? null : day(`2027-${to}`),
    reason: 'Rain',
  });
  const at = (...changes: ReturnType<typeof change>[]) =>
    yard({ home: {} }, { programmes: [programme], changes })('home', '05-12').schedule;

  it('is on its chosen day, or left out with the reason, or as it was; the latest counts', () => {
    expect(at(change('moved', '05-11', '05-18')).checks[0]).toMatchObject({ plannedFor: day('2027-05-18') });
    const skipped = at(change('moved', '05-11', '05-18'), change('skipped', '05-12'));
    expect(skipped.checks.map(({ code }) => code)).not.toContain('bottom-check');
    expect(skipped.skipped).toMatchObject([{ reason: 'Rain', check: { code: 'bottom-check' } }]);
    const back = at(change('as-it-was', '05-12'), change('skipped', '05-11'));
    expect(back.checks[0]).toMatchObject({ code: 'bottom-check', plannedFor: null });
  });
});
