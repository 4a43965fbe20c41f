import { describe, expect, it } from 'vitest';
import type { ProgrammeStart } from '../../core/facts/programme-start';
import { expectedIn, queenIdIn } from '../../core/queens/queen-questions';
import { readAllFacts } from '../season/season-facts';
import { DEMO_NOW, id } from '../testing';
import { putBackProgramme, takeBackProgramme } from './change-programme';
import { startAll } from './start-all';
import { eachWithDemoBook, faults } from './testing';

const { book, colonyId, stateOf, cellOf, codesOf, nucSwarm, begin } = eachWithDemoBook();
const now = DEMO_NOW;
const TODAY = now.today;

describe('a method and the cells that are given with it', () => {
  const gift = (over: Partial<ProgrammeStart> = {}): ProgrammeStart => ({
    ...nucSwarm(),
    id: id(60),
    colonyId: colonyId('Vetch'),
    method: 'give-cell',
    keptCellIds: [],
    newColony: null,
    gift: { moveId: id(61), cellId: cellOf('Sainfoin', 'a'), travel: 'on-frame' },
    ...over,
  });

  it('are stored as one, or none of them', () => {
    const refused = startAll(book().db, { start: nucSwarm({ newColony: null }), gifts: [gift()] }, now);
    expect(faults(refused)).toEqual(['newColony missing']);
    expect(readAllFacts(book().db).cellMoves.some((row) => row.id === id(61))).toBe(false);
    const wrong = startAll(book().db, { start: nucSwarm(), gifts: [gift({ gift: null })] }, now);
    expect(faults(wrong)).toEqual(['gifts.0.gift missing']);
    expect(readAllFacts(book().db).programmes.some((row) => row.id === id(1))).toBe(false);
    for (let twice = 0; twice < 2; twice++) {
      expect(faults(startAll(book().db, { start: nucSwarm(), gifts: [gift()] }, now))).toEqual([]);
    }
    expect(readAllFacts(book().db).programmes.filter((row) => row.id === id(1) || row.id === id(60))).toHaveLength(2);
  });

  it('a cell given as a caged virgin is a virgin from that day', () => {
    const caged = gift({ gift: { moveId: id(61), cellId: cellOf('Sainfoin', 'a'), travel: 'caged-virgin' } });
    expect(faults(begin(caged))).toEqual([]);
    const { queen, schedule, liveCells } = stateOf('Vetch');
    expect([expectedIn(queen), queen.is === 'virgin' && queen.emerged.earliest, liveCells]).toEqual([
      'virgin',
      TODAY,
      [],
    ]);
    expect(schedule.leaveShut).toHaveLength(1);
  });
});

describe('starting a method', () => {
  it('takes nothing under an id that is in the book for something else, and unites where that is the method alone', () => {
    expect(
      faults(begin(nucSwarm({ newColony: { ...nucSwarm().newColony, id: colonyId('Teasel') } as never }))),
    ).toEqual(['newColony.id duplicate-id']);
    expect(faults(begin(nucSwarm({ withColonyId: colonyId('Teasel') })))).toEqual(['withColonyId not-for-this-method']);
    expect(begin(nucSwarm()).ok).toBe(true);
    expect(faults(begin(nucSwarm({ colonyId: colonyId('Teasel') })))).toEqual(['id duplicate-id']);
    expect(faults(begin(nucSwarm({ method: 'demaree', newColony: null })))).toEqual(['id duplicate-id']);
  });

  it('is put back where its history is lost, without the cells that it gave', () => {
    expect(begin(nucSwarm()).ok).toBe(true);
    takeBackProgramme(book().db, id(1), now);
    book().sqlite.exec(`delete from revision where entity_id = '${id(1)}'`);
    expect(faults(putBackProgramme(book().db, id(1), now))).toEqual([]);
  });

  it('was begun before the book knew an established colony, which is known since then', () => {
    expect(faults(begin(nucSwarm({ on: '2027-01-02', keptCellIds: [] })))).toEqual([]);
    expect(stateOf('Sainfoin').parts.map(({ programme }) => programme.method)).toContain('nuc-swarm');
  });

  it('makes the new colony with its parent and its queen, and lands once', () => {
    for (let twice = 0; twice < 2; twice++) expect(begin(nucSwarm()).ok).toBe(true);
    const facts = readAllFacts(book().db);
    expect(facts.programmes.filter((row) => row.id === id(1))).toHaveLength(1);
    const nuc = facts.colonies.find((row) => row.id === id(2));
    expect(nuc).toMatchObject({ origin: 'nuc', parentColonyId: colonyId('Sainfoin'), startedOn: '2027-05-16' });
    const moved = facts.programmes.find((row) => row.id === id(1))?.queenId;
    const hers = facts.queens.find(({ emergedFrom }) => emergedFrom === '2026-06-08')?.id;
    expect([moved, queenIdIn(stateOf('Sainfoin nuc').queen)]).toEqual([hers, hers]);
    expect(codesOf('Sainfoin')).toEqual(['thin-cells', 'eggs']);
    expect(codesOf('Sainfoin nuc')).toEqual(['nuc-settled']);
  });

  it.each([
    ['a day to come', () => ({ on: '2027-05-17' }), ['on in-the-future']],
    [
      'a day before a split was made',
      () => ({ colonyId: colonyId('Campion'), on: '2027-04-01', keptCellIds: [] }),
      ['on before-colony'],
    ],
    ['no new colony', () => ({ newColony: null }), ['newColony missing']],
    [
      'a name that is taken',
      () => ({ newColony: { ...nucSwarm().newColony, name: 'Vetch' } }),
      ['newColony.name duplicate-id'],
    ],
    [
      'a cell that is not its own',
      () => ({ keptCellIds: [cellOf('Vetch', 'a')] }),
      ['keptCellIds.0 unknown-reference'],
    ],
    ['a bought queen and a kept cell', () => ({ buysQueen: true }), ['buysQueen contradiction']],
    [
      'a gift that nobody asked for',
      () => ({ gift: { moveId: id(3), cellId: id(4), travel: 'cut-out' } }),
      ['gift not-for-this-method'],
    ],
    ['a colony that is not there', () => ({ colonyId: id(9) }), ['colonyId unknown-reference']],
  ] as const)('refuses %s, and stores nothing', (_, change, expected) => {
    const before = JSON.stringify(readAllFacts(book().db));
    expect(faults(begin(nucSwarm(change() as Partial<ProgrammeStart>)))).toEqual(expected);
    expect(JSON.stringify(readAllFacts(book().db))).toBe(before);
  });

  it('takes the kept cell along where another part raises the queen', () => {
    const split = nucSwarm({
      method: 'vertical-split',
      newColony: { ...(nucSwarm().newColony as object), name: 'Sainfoin top' } as ProgrammeStart['newColony'],
    });
    expect(begin(split).ok).toBe(true);
    expect(stateOf('Sainfoin').liveCells).toHaveLength(0);
    expect(stateOf('Sainfoin top').liveCells.map(({ cell }) => cell.label)).toEqual(['a']);
  });
});

describe('a nuc with a ripe cell', () => {
  const nucWith = (label: string, n: number): ProgrammeStart => ({
    ...nucSwarm({ id: id(n), colonyId: colonyId('Vetch'), method: 'cell-nuc', keptCellIds: [cellOf('Vetch', label)] }),
    newColony: {
      ...(nucSwarm().newColony as NonNullable<ProgrammeStart['newColony']>),
      id: id(n + 1),
      name: `Nuc ${n}`,
    },
  });
  const live = (name: string) => stateOf(name).liveCells.map(({ cell }) => cell.label);

  it('takes its cell along and leaves the others, as often as there are cells to spare', () => {
    const before = codesOf('Vetch');
    expect(begin(nucWith('a', 20)).ok).toBe(true);
    // What is to be done about the colony itself is not done by it.
    expect(codesOf('Vetch')).toEqual(before);
    expect(begin(nucWith('d', 30)).ok).toBe(true);
    expect(live('Vetch')).toEqual(['b', 'c']);
    expect([live('Nuc 20'), live('Nuc 30')]).toEqual([['a'], ['a']]);
    expect(stateOf('Nuc 20').schedule.leaveShut).toHaveLength(1);
    expect(codesOf('Nuc 20')).toEqual(['eggs']);
    const kept = [cellOf('Vetch', 'b')];
    const after = nucSwarm({
      id: id(40),
      colonyId: colonyId('Vetch'),
      method: 'after-swarm',
      newColony: null,
      keptCellIds: kept,
    });
    expect(begin(after).ok).toBe(true);
    expect(live('Vetch')).toEqual(['b']);
    expect(live('Nuc 20')).toEqual(['a']);
  });

  it('is nothing without a cell', () => {
    expect(faults(begin({ ...nucWith('a', 20), keptCellIds: [] }))).toEqual(['keptCellIds missing']);
  });
});

describe('a cell given away', () => {
  const give = (over: Partial<ProgrammeStart> = {}) =>
    nucSwarm({
      id: id(5),
      colonyId: colonyId('Sorrel'),
      method: 'give-cell',
      keptCellIds: [],
      newColony: null,
      gift: { moveId: id(6), cellId: cellOf('Vetch', 'c'), travel: 'on-frame' },
      ...over,
    });

  it('is on both sides, and given once only', () => {
    expect(begin(give()).ok).toBe(true);
    expect(stateOf('Vetch').cells.find(({ cell }) => cell.label === 'c')?.givenTo).toBe(colonyId('Sorrel'));
    expect(stateOf('Sorrel').liveCells).toHaveLength(1);
    expect(codesOf('Sorrel')).toEqual(['eggs']);
    const again = give({ id: id(7), colonyId: colonyId('Comfrey half') });
    expect(faults(begin(again))).toEqual(['gift.cellId contradiction']);
  });

  it('comes back when the giving is taken back, and goes again when it is put back', () => {
    begin(give());
    expect(takeBackProgramme(book().db, id(5), now).ok).toBe(true);
    expect(stateOf('Vetch').cells.find(({ cell }) => cell.label === 'c')?.givenTo).toBeNull();
    expect(putBackProgramme(book().db, id(5), now).ok).toBe(true);
    expect(stateOf('Sorrel').liveCells).toHaveLength(1);
  });
});
