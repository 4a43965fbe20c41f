import { describe, expect, it } from 'vitest';
import { blankInspection } from '../inspections-of-book';
import { bookAfter, colony, ELM, fates, HILL, idOf, OAK, planOf, rowsOf } from './testing';

describe('inspections', () => {
  it('take a cell in a word: its stage, that none were found, or that nobody looked', () => {
    const plan = planOf('inspections', [
      'hive,date,queen cells',
      'Oak,2027-05-01,none',
      'Oak,2027-05-08,charged',
      'Elm,2027-05-08,',
    ]);
    expect(fates(plan)).toEqual(['new', 'new', 'new']);
    // How anybody looked is not in the sheet, and is not made up.
    expect(rowsOf(plan, 'inspections').map(({ thoroughness }) => thoroughness)).toEqual(Array(3).fill('not-said'));
    expect(rowsOf(plan, 'cells')).toMatchObject([{ colonyId: OAK, label: 'a', place: 'not-said' }]);
    expect(rowsOf(plan, 'cellObservations')).toMatchObject([{ found: 'larva-large', takenDown: false }]);
  });

  it('ask what a dash or a question mark means, and take it for nothing among numbers', () => {
    const lines = [
      'hive,date,eggs,frames of brood',
      'Oak,2027-05-01,-,-',
      'Oak,2027-05-02,?,n/a',
      'Oak,2027-05-03,yes,6',
    ];
    expect(fates(planOf('inspections', lines))).toEqual([
      'refused word-not-matched',
      'refused word-not-matched',
      'new',
    ]);
    const said = planOf('inspections', lines);
    expect(rowsOf(said, 'inspections').map(({ broodFrames }) => broodFrames)).toEqual([6]);
    const numbers = ['hive,date,frames of brood', 'Oak,2027-05-01,-', 'Oak,2027-05-02,n/a'];
    expect(rowsOf(planOf('inspections', numbers), 'inspections').map(({ broodFrames }) => broodFrames)).toEqual([
      null,
      null,
    ]);
  });

  it('leave out rows that add up others, unless a hive is called so', () => {
    const lines = [
      'hive,date,frames of brood',
      'TOTAL,,12',
      'Grand total,2027-05-01,12',
      'average,2027-05-01,6',
      'Total Eclipse,2027-05-01,6',
    ];
    const added = planOf(
      'inspections',
      lines,
      {},
      { hives: { total: 'new', 'total eclipse': 'new' }, apiary: { id: HILL } },
    );
    expect(fates(added)).toEqual([...Array(3).fill('refused a-row-of-sums'), 'new']);
    expect(planOf('inspections', lines).unknown.map(({ name }) => name)).toEqual(['Total Eclipse']);
    const called = { colonies: [colony(OAK, 'Total')] };
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Total,2027-05-01,yes'], called))).toEqual(['new']);
  });

  it('end the cells of before at a later row without any, in whatever order the rows stand', () => {
    const lines = [
      'hive,date,queen cells',
      'Oak,2027-05-15,none',
      'Oak,2027-05-08,none',
      'Oak,2027-05-01,charged',
      'Elm,2027-05-01,charged',
    ];
    const plan = planOf('inspections', lines);
    const looks = new Map(rowsOf(plan, 'inspections').map(({ id, at }) => [id, at.slice(0, 10)]));
    const sights = rowsOf(plan, 'cellObservations').map(({ inspectionId, found }) => [looks.get(inspectionId), found]);
    expect(sights).toEqual([
      ['2027-05-01', 'larva-large'],
      ['2027-05-01', 'larva-large'],
      ['2027-05-08', 'not-found'],
    ]);
    // The same once it stands in the book: of a sheet that comes later, and not twice.
    const book = bookAfter(planOf('inspections', [lines[0], lines[3]] as string[]));
    const later = planOf('inspections', [lines[0], lines[2]] as string[], book);
    expect(rowsOf(later, 'cellObservations').map(({ found }) => found)).toEqual(['not-found']);
    expect(planOf('inspections', lines, bookAfter(plan)).changes).toEqual([]);
  });

  it('of a day alone are those that the book has of it, of two the one of that minute', () => {
    const inspections = [
      { ...blankInspection(idOf(10), OAK, '2027-05-01T15:00'), eggs: 'seen' as const },
      { ...blankInspection(idOf(11), ELM, '2027-05-01T10:00'), eggs: 'seen' as const },
      { ...blankInspection(idOf(12), ELM, '2027-05-01T16:00'), eggs: 'none' as const },
    ];
    const book = { inspections };
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Oak,2027-05-01,yes'], book))).toEqual(['known']);
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Oak,2027-05-01 15:00,no'], book))).toEqual([
      'conflict eggs',
    ]);
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Oak,2027-05-01 16:00,no'], book))).toEqual(['new']);
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Elm,2027-05-01 16:00,no'], book))).toEqual(['known']);
    expect(fates(planOf('inspections', ['hive,date,eggs', 'Elm,2027-05-01,no'], book))).toEqual(['new']);
  });

  it('say nothing where a cell is empty, so that the book stands', () => {
    const inspections = [{ ...blankInspection(idOf(10), OAK, '2027-05-01T12:00'), eggs: 'seen' as const, note: 'wet' }];
    const plan = planOf(
      'inspections',
      ['hive,date,eggs,temper', 'Oak,2027-05-01,,calm'],
      { inspections },
      { isOverBook: true },
    );
    expect(fates(plan)).toEqual(['conflict temper']);
    expect(rowsOf(plan, 'inspections')).toMatchObject([{ id: idOf(10), eggs: 'seen', note: 'wet', temper: 'calm' }]);
  });

  it('are refused by the rules that hold for an entry', () => {
    const young = { ...colony(OAK, 'Oak'), origin: 'nuc' as const, startedOn: '2027-05-10' };
    const over = { ...colony(ELM, 'Elm'), endedOn: '2027-05-12' };
    const plan = planOf(
      'inspections',
      [
        'hive,date,eggs,youngest brood,frames of brood',
        'Oak,2027-05-09,yes,,',
        'Elm,2027-05-13,yes,,',
        'Oak,2027-06-21,yes,,',
        'Oak,2027-05-11,no,eggs,',
        'Oak,2027-05-12,yes,,61',
        'Oak,,yes,,',
        ',2027-05-12,yes,,',
        'Oak,2027-05-14,yes,,',
        'Oak,2027-05-14,yes,,',
        'Oak,2027-05-15,yes,,7,5',
      ],
      { colonies: [young, over] },
    );
    expect(fates(plan)).toEqual([
      'refused colony-began-later',
      'refused colony-had-ended',
      'refused in-the-future',
      'refused no-eggs-against-youngest',
      'refused must-be-at-most',
      'refused day-missing',
      'refused hive-missing',
      'new',
      'refused twice-in-sheet',
      'refused row-too-wide',
    ]);
  });

  it('find the hive of that name that stood there then', () => {
    const old = { ...colony(idOf(4), 'Oak'), endedOn: '2027-04-30' };
    const young = { ...colony(OAK, 'oak'), origin: 'nuc' as const, startedOn: '2027-05-01' };
    const plan = planOf('inspections', ['hive,date,eggs', 'Oak,2027-04-20,yes', 'OAK ,2027-05-20,yes'], {
      colonies: [old, young],
    });
    expect(rowsOf(plan, 'inspections').map(({ colonyId }) => colonyId)).toEqual([idOf(4), OAK]);
  });
});
