import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import type { ProgrammeStart } from '../../core/facts/programme-start';
import type { Result } from '../../core/problems/issue';
import type { OpenedDatabase } from '../../db/open';
import { colonies } from '../../db/schema/tables';
import { loadColony } from '../colony-page';
import { readAllFacts } from '../season/season-facts';
import { DEMO_NOW, demoBook, id } from '../testing';
import {
  answerCheck,
  changeCheck,
  endProgramme,
  putBackProgramme,
  takeBackAnswer,
  takeBackProgramme,
  tickStep,
} from './change-programme';
import { correctProgramme } from './correct-programme';
import { loadProgramme } from './programme-page';
import { startAll } from './start-all';
import { startProgramme } from './start-programme';

const now = DEMO_NOW;
const TODAY = now.today;

let opened: OpenedDatabase;

beforeEach(() => {
  opened = demoBook();
});
afterEach(() => {
  opened.sqlite.close();
});

const colonyId = (name: string) => {
  const row = opened.db
    .select()
    .from(colonies)
    .all()
    .find((one) => one.name === name);
  if (!row) throw new Error(`No colony ${name}`);
  return row.id;
};
const stateOf = (name: string) => {
  const found = loadColony(opened.db, colonyId(name), TODAY);
  if (!found) throw new Error(`No colony ${name}`);
  return found.state;
};
const cellOf = (name: string, label: string) =>
  stateOf(name).cells.find(({ cell }) => cell.label === label)?.cell.id as string;
const codesOf = (name: string) => stateOf(name).schedule.checks.map(({ code }) => code);

const nucSwarm = (over: Partial<ProgrammeStart> = {}): ProgrammeStart => ({
  id: id(1),
  colonyId: colonyId('Sainfoin'),
  method: 'nuc-swarm',
  at: null,
  on: '2027-05-16',
  to: null,
  secondThinning: true,
  onlySealedBroodUp: false,
  buysQueen: false,
  turnsDaily: false,
  note: '',
  keptCellIds: [cellOf('Sainfoin', 'b')],
  newColony: {
    id: id(2),
    name: 'Sainfoin nuc',
    apiaryId: readAllFacts(opened.db).apiaries[0]?.id as string,
    stand: '',
  },
  stand: null,
  withColonyId: null,
  gift: null,
  ...over,
});
const faults = (result: Result<unknown>) =>
  result.ok ? [] : result.issues.map(({ path, code }) => `${path.join('.')} ${code}`);
const begin = (start: ProgrammeStart) => startProgramme(opened.db, start, now);

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
    const refused = startAll(opened.db, { start: nucSwarm({ newColony: null }), gifts: [gift()] }, now);
    expect(faults(refused)).toEqual(['newColony missing']);
    expect(readAllFacts(opened.db).cellMoves.some((row) => row.id === id(61))).toBe(false);
    const wrong = startAll(opened.db, { start: nucSwarm(), gifts: [gift({ gift: null })] }, now);
    expect(faults(wrong)).toEqual(['gifts.0.gift missing']);
    expect(readAllFacts(opened.db).programmes.some((row) => row.id === id(1))).toBe(false);
    for (let twice = 0; twice < 2; twice++) {
      expect(faults(startAll(opened.db, { start: nucSwarm(), gifts: [gift()] }, now))).toEqual([]);
    }
    expect(readAllFacts(opened.db).programmes.filter((row) => row.id === id(1) || row.id === id(60))).toHaveLength(2);
  });

  it('a cell given as a caged virgin is a virgin from that day', () => {
    const caged = gift({ gift: { moveId: id(61), cellId: cellOf('Sainfoin', 'a'), travel: 'caged-virgin' } });
    expect(faults(begin(caged))).toEqual([]);
    const { queen, schedule, liveCells } = stateOf('Vetch');
    expect([queen.expected, queen.virginEmerged?.earliest, liveCells]).toEqual(['virgin', TODAY, []]);
    expect(schedule.leaveShut).toHaveLength(1);
  });
});

describe('starting a method', () => {
  it('makes the new colony with its parent and its queen, and lands once', () => {
    for (let twice = 0; twice < 2; twice++) expect(begin(nucSwarm()).ok).toBe(true);
    const facts = readAllFacts(opened.db);
    expect(facts.programmes.filter((row) => row.id === id(1))).toHaveLength(1);
    const nuc = facts.colonies.find((row) => row.id === id(2));
    expect(nuc).toMatchObject({ origin: 'nuc', parentColonyId: colonyId('Sainfoin'), startedOn: '2027-05-16' });
    const moved = facts.programmes.find((row) => row.id === id(1))?.queenId;
    expect([moved, stateOf('Sainfoin nuc').queen.queenId]).toEqual([facts.queens[0]?.id, facts.queens[0]?.id]);
    expect(codesOf('Sainfoin')).toEqual(['thin-cells', 'eggs']);
    expect(codesOf('Sainfoin nuc')).toEqual(['nuc-settled']);
  });

  it.each([
    ['a day to come', () => ({ on: '2027-05-17' }), ['on in-the-future']],
    ['a day before the colony', () => ({ on: '2027-01-01', keptCellIds: [] }), ['on before-colony']],
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
    const before = JSON.stringify(readAllFacts(opened.db));
    expect(faults(begin(nucSwarm(change() as Partial<ProgrammeStart>)))).toEqual(expected);
    expect(JSON.stringify(readAllFacts(opened.db))).toBe(before);
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
    expect(takeBackProgramme(opened.db, id(5), now).ok).toBe(true);
    expect(stateOf('Vetch').cells.find(({ cell }) => cell.label === 'c')?.givenTo).toBeNull();
    expect(putBackProgramme(opened.db, id(5), now).ok).toBe(true);
    expect(stateOf('Sorrel').liveCells).toHaveLength(1);
  });
});

describe('a running programme', () => {
  const running = () => readAllFacts(opened.db).programmes.find(({ method }) => method === 'demaree')?.id as string;
  const answer = (over: object = {}) => ({
    id: id(20),
    programmeId: running(),
    colonyId: colonyId('Teasel'),
    code: 'bottom-check' as const,
    nth: 1,
    at: '2027-05-16T15:00',
    answer: 'in-order',
    queenlessColonyId: null,
    note: '',
    ...over,
  });

  it('is answered, and the answer taken back', () => {
    for (let twice = 0; twice < 2; twice++) expect(answerCheck(opened.db, answer(), now).ok).toBe(true);
    expect(codesOf('Teasel')).not.toContain('bottom-check');
    expect(loadProgramme(opened.db, running(), TODAY)?.view.story[0]).toMatchObject({ answerId: id(20) });
    expect(takeBackAnswer(opened.db, id(20), now).ok).toBe(true);
    expect(codesOf('Teasel')).toContain('bottom-check');
    expect(faults(takeBackAnswer(opened.db, id(20), now))).toEqual(['id not-found']);
  });

  it.each([
    ['an answer that it has not', { answer: 'fine' }, 'answer not-one-of'],
    ['a colony that is no part of it', { colonyId: 'Vetch' }, 'colonyId unknown-reference'],
    ['a time to come', { at: '2027-05-17T08:00' }, 'at in-the-future'],
    ['a time before it began', { at: '2027-05-08T08:00' }, 'at contradiction'],
  ])('refuses %s', (_, change, fault) => {
    const over = 'colonyId' in change ? { colonyId: colonyId(change.colonyId as string) } : change;
    expect(faults(answerCheck(opened.db, answer(over), now))).toEqual([fault]);
  });

  it('has its steps ticked and unticked', () => {
    const tick = (isDone: boolean) =>
      tickStep(opened.db, { id: id(30), programmeId: running(), step: 0, at: '2027-05-16T15:00', isDone });
    const first = () => loadProgramme(opened.db, running(), TODAY)?.view.steps[0]?.isDone;
    tick(false);
    expect(first()).toBe(false);
    tick(true);
    tick(true);
    expect(first()).toBe(true);
    expect(
      faults(
        tickStep(opened.db, { id: id(31), programmeId: running(), step: 39, at: '2027-05-16T15:00', isDone: true }),
      ),
    ).toEqual(['step out-of-range']);
  });

  it('is given up and taken up again', () => {
    expect(endProgramme(opened.db, { id: running(), endedOn: '2027-05-16' }, now).ok).toBe(true);
    expect(codesOf('Teasel')).not.toContain('clear-top-cells');
    endProgramme(opened.db, { id: running(), endedOn: null }, now);
    expect(codesOf('Teasel')).toContain('clear-top-cells');
    expect(faults(endProgramme(opened.db, { id: running(), endedOn: '2027-05-20' }, now))).toEqual([
      'endedOn out-of-range',
    ]);
  });

  it('is a union that parts the two again when it is given up, or taken back', () => {
    const unite = (over: Partial<ProgrammeStart> = {}) =>
      nucSwarm({
        method: 'unite',
        colonyId: colonyId('Sorrel'),
        withColonyId: colonyId('Betony'),
        keptCellIds: [],
        newColony: null,
        ...over,
      });
    expect(faults(begin(unite({ withColonyId: colonyId('Campion') })))).toEqual(['withColonyId contradiction']);
    expect(faults(begin(unite()))).toEqual([]);
    expect([stateOf('Sorrel').ended, stateOf('Betony').ended]).toEqual([true, false]);
    endProgramme(opened.db, { id: id(1), endedOn: '2027-05-16' }, now);
    expect(stateOf('Sorrel').ended).toBe(false);
    endProgramme(opened.db, { id: id(1), endedOn: null }, now);
    expect(stateOf('Sorrel').ended).toBe(true);
    expect(faults(takeBackProgramme(opened.db, id(1), now))).toEqual([]);
    expect(stateOf('Sorrel').ended).toBe(false);
  });

  it('leaves a colony that came of it, and for which something was entered, with all its history when it is taken back', () => {
    const { programmes, programmeUnits } = readAllFacts(opened.db);
    const nuc = programmes.find(({ method }) => method === 'nuc-swarm')?.id as string;
    const child = programmeUnits.find(({ programmeId, unit }) => programmeId === nuc && unit === 'nuc')?.colonyId;
    const before = readAllFacts(opened.db).inspections.filter((row) => row.colonyId === child);
    expect(before.length).toBeGreaterThan(0);
    expect(faults(takeBackProgramme(opened.db, nuc, now))).toEqual([]);
    const after = readAllFacts(opened.db);
    expect(after.colonies.find((row) => row.id === child)?.endedOn).toBeNull();
    expect(after.inspections.filter((row) => row.colonyId === child)).toEqual(before);
    expect(faults(putBackProgramme(opened.db, nuc, now))).toEqual([]);
    expect(readAllFacts(opened.db).colonies.find((row) => row.id === child)?.endedOn).toBeNull();
  });

  it('is put on the day on which it was done, and all dates follow', () => {
    expect(begin(nucSwarm()).ok).toBe(true);
    const thin = () => stateOf('Sainfoin').schedule.checks.find(({ code }) => code === 'thin-cells')?.window.latest;
    const before = thin() as number;
    const correct = (on: string, to: string | null = null) =>
      faults(correctProgramme(opened.db, { id: id(1), on, to, note: '' }, now));
    expect(correct('2027-05-17')).toEqual(['on in-the-future']);
    expect(correct('2027-05-15', '2027-05-14')).toEqual(['to contradiction']);
    expect(correct('2026-01-01')).toEqual(['on before-colony']);
    expect(correct('2027-05-15')).toEqual([]);
    expect(thin()).toBeLessThanOrEqual(before);
    const facts = readAllFacts(opened.db);
    expect(facts.programmes.find((row) => row.id === id(1))).toMatchObject({ on: '2027-05-15', at: null });
    expect(facts.colonies.find((row) => row.id === id(2))?.startedOn).toBe('2027-05-15');
    expect(facts.revisions.filter(({ entityId }) => entityId === id(1)).map(({ action }) => action)).toEqual([
      'corrected',
    ]);
  });
});

describe('changing a check', () => {
  const change = (over: object) =>
    changeCheck(
      opened.db,
      {
        id: id(40),
        colonyId: colonyId('Knapweed'),
        key: stateOf('Knapweed').schedule.checks[0]?.key as string,
        at: '2027-05-16T20:00',
        kind: 'moved',
        to: '2027-05-17',
        reason: '',
        ...over,
      },
      now,
    );

  it('moves it, or says what is missing', () => {
    expect(change({}).ok).toBe(true);
    expect(stateOf('Knapweed').schedule.checks[0]).toMatchObject({ plannedFor: day('2027-05-17') });
    expect(faults(change({ id: id(41), to: null }))).toEqual(['to missing']);
    expect(faults(change({ id: id(42), to: '2027-05-10' }))).toEqual(['to out-of-range']);
    expect(faults(change({ id: id(43), kind: 'skipped', to: null }))).toEqual(['reason missing']);
  });

  it('takes what was said on an earlier day without a signal, and nothing from days to come', () => {
    expect(faults(change({ id: id(44), at: '2027-05-14T10:00', to: '2027-05-15' }))).toEqual([]);
    expect(faults(change({ id: id(45), at: '2027-05-18T10:00', to: '2027-05-19' }))).toEqual(['at in-the-future']);
  });
});
