import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { day } from '../../core/calendar/day';
import type { ColonyFact } from '../../core/facts/colony';
import type { ProgrammeStart } from '../../core/facts/programme-start';
import { readSeasonFile, writeSeasonFile } from '../../core/formats/season-file';
import { methodNamed } from '../../core/methods/methods';
import type { Book } from '../../db/open';
import { loadApiaries } from '../all-apiaries';
import { loadColony } from '../colony-page';
import { loadNames, takenOutColonies } from '../names';
import { startProgramme } from '../programmes/start-programme';
import { readAllFacts } from '../season/season-facts';
import { anEntry, bookOf, codes, id, DEMO_NOW as now } from '../testing';
import { deleteColony, restoreColony } from './delete-colony';
import { saveColonies } from './save-colonies';
import { saveInspection } from './save-inspection';

const [ORCHARD, CLOVER, THYME] = [id(1), id(2), id(3)];
let opened: Book;
beforeEach(() => {
  opened = bookOf(ORCHARD, { Clover: CLOVER, Thyme: THYME });
});
afterEach(() => opened.sqlite.close());

const names = () => loadNames(opened.db).colonies.map(({ name }) => name);
const inYard = () => loadApiaries(opened, now.today).colonies.map(({ colony }) => colony.name);

const colony = (n: number, name: string): ColonyFact => ({
  id: id(n),
  apiaryId: ORCHARD,
  name,
  stand: '',
  origin: 'established',
  parentColonyId: null,
  startedOn: '2027-03-01',
  endedOn: null,
  note: '',
  wanted: 'nothing',
});

const split: ProgrammeStart = {
  id: id(30),
  colonyId: CLOVER,
  method: 'walk-away',
  at: null,
  on: '2027-05-03',
  to: null,
  secondThinning: true,
  onlySealedBroodUp: false,
  queenShakenDown: false,
  buysQueen: false,
  turnsDaily: false,
  stepsDone: true,
  note: '',
  keptCellIds: [],
  newColony: { id: id(31), name: 'Clover half', apiaryId: ORCHARD, stand: '' },
  stand: null,
  withColonyId: null,
  gift: null,
};

describe('a colony entered by mistake', () => {
  it('is gone from every list with all that was entered for it, and comes back whole', () => {
    saveInspection(opened.db, anEntry({ id: id(20), colonyId: CLOVER }), now);
    expect(codes(deleteColony(opened.db, CLOVER, now))).toBe('stored');
    expect([names(), inYard()]).toEqual([['Thyme'], ['Thyme']]);
    expect(loadColony(opened, CLOVER, now.today)).toBeNull();
    expect(takenOutColonies(opened.db)).toEqual([{ id: CLOVER, name: 'Clover' }]);
    // Nothing more can be entered for it, from a phone that still has it either.
    expect(codes(saveInspection(opened.db, anEntry({ id: id(21), colonyId: CLOVER }), now))).not.toBe('stored');
    expect(codes(restoreColony(opened.db, CLOVER, now))).toBe('stored');
    expect(loadColony(opened, CLOVER, now.today)?.state.inspections).toHaveLength(1);
    expect([inYard(), takenOutColonies(opened.db)]).toEqual([['Clover', 'Thyme'], []]);
  });

  it('leaves its name free, and does not come back beside a namesake', () => {
    deleteColony(opened.db, CLOVER, now);
    expect(codes(saveColonies(opened.db, { colonies: [colony(9, 'Clover')] }, now))).toBe('stored');
    expect(codes(restoreColony(opened.db, CLOVER, now))).toEqual(['duplicate-id ']);
  });

  it('stays where the dates of another follow from it', () => {
    expect(codes(startProgramme(opened.db, split, now))).toBe('stored');
    expect(codes(deleteColony(opened.db, CLOVER, now))).toEqual(['contradiction ']);
    expect(codes(deleteColony(opened.db, id(31), now))).toEqual(['contradiction ']);
    expect(codes(deleteColony(opened.db, id(99), now))).toEqual(['not-found id']);
  });

  it('is in the season file as it was', () => {
    deleteColony(opened.db, CLOVER, now);
    const facts = readAllFacts(opened.db);
    const read = readSeasonFile(writeSeasonFile(facts));
    expect(read.ok && read.value.colonies).toEqual(facts.colonies);
  });
});

describe('colonies entered in one go', () => {
  it('are all in, with the day on which they were entered', () => {
    const colonies = ['1', '2', '3'].map((name, i) => colony(10 + i, name));
    expect(codes(saveColonies(opened.db, { colonies }, now))).toBe('stored');
    expect(names()).toEqual(['1', '2', '3', 'Clover', 'Thyme']);
    const facts = loadColony(opened, id(10), now.today)?.facts;
    expect([facts?.startedOn, facts?.enteredOn]).toEqual([now.today - 76, now.today]);
  });

  it('are in the yard from the day of their earliest entry, though they are noted from a later one', () => {
    const early = day('2027-02-20');
    const standing = () => loadApiaries(opened, early).colonies.map(({ colony: { name } }) => name);
    expect(standing()).toEqual([]);
    saveInspection(opened.db, anEntry({ id: id(22), colonyId: CLOVER, at: '2027-02-20T12:00' }), now);
    expect(standing()).toEqual(['Clover']);
  });

  it('are none of them in when one is wrong, and each fault is named by its line', () => {
    const colonies = [colony(10, '1'), colony(11, 'Clover'), { ...colony(12, '3'), startedOn: '2028-01-01' }];
    expect(codes(saveColonies(opened.db, { colonies }, now))).toEqual([
      'duplicate-id colonies.1.name',
      'in-the-future colonies.2.startedOn',
    ]);
    // Two of one name in one go as well.
    const twice = [colony(10, 'Sage'), colony(11, 'Sage')];
    expect(codes(saveColonies(opened.db, { colonies: twice }, now))).toEqual(['duplicate-id colonies.1.name']);
    expect(names()).toEqual(['Clover', 'Thyme']);
  });
});

describe('a method begun before it was entered', () => {
  it('has all its steps done, and its dates counted from its own day', () => {
    expect(codes(startProgramme(opened.db, split, now))).toBe('stored');
    const { stepsDone } = readAllFacts(opened.db);
    expect(stepsDone.map(({ step, at }) => [step, at.slice(0, 10)])).toEqual(
      stepsDone.map((_, step) => [step, '2027-05-03']),
    );
    expect(stepsDone).toHaveLength(methodNamed('walk-away').steps.length);
    const parts = loadColony(opened, CLOVER, now.today)?.state.parts ?? [];
    expect(parts.map(({ programme }) => programme.on)).toEqual([now.today - 13]);
  });
});
