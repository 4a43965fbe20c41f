import { describe, expect, it } from 'vitest';
import { bookAfter, fates, planOf, rowsOf } from './testing';

describe('cells', () => {
  const SHEET = [
    'hive,date,cell no,stage,broken down,frame',
    'Oak,2027-05-08,2,charged,,4',
    'Oak,2027-05-01,1,egg,no,3',
    'Oak,2027-05-08,1,sealed,yes,3',
    'Oak,2027-06-10,1,egg,,3',
  ];

  it('go by their names within their hive, in order of time, and after many days a name is another cell', () => {
    const plan = planOf('cells', SHEET);
    expect(fates(plan)).toEqual(['new', 'new', 'new', 'new']);
    expect(rowsOf(plan, 'inspections').map(({ at, thoroughness }) => [at, thoroughness])).toEqual([
      ['2027-05-01T12:00', 'not-said'],
      ['2027-05-08T12:00', 'not-said'],
      ['2027-06-10T12:00', 'not-said'],
    ]);
    expect(rowsOf(plan, 'cells').map(({ label, frame }) => [label, frame])).toEqual([
      ['a', 3],
      ['b', 4],
      ['c', 3],
    ]);
    const sights = rowsOf(plan, 'cellObservations');
    expect(new Set(sights.map(({ cellId }) => cellId)).size).toBe(3);
    expect(sights.filter(({ takenDown }) => takenDown).map(({ found }) => found)).toEqual(['sealed']);
  });

  it('are known when the same sheet comes again, and differ where it says otherwise', () => {
    const book = bookAfter(planOf('cells', SHEET));
    expect(planOf('cells', SHEET, book).changes).toEqual([]);
    expect(fates(planOf('cells', SHEET, book))).toEqual(['known', 'known', 'known', 'known']);
    const more = [...SHEET, 'Oak,2027-05-08,3,egg,,5'];
    expect(fates(planOf('cells', more, book)).at(-1)).toBe('new');
  });

  it('are refused after they were broken down, and without a stage', () => {
    const plan = planOf('cells', [
      'hive,date,cell no,stage,broken down',
      'Oak,2027-05-01,1,sealed,yes',
      'Oak,2027-05-03,1,sealed,no',
      'Oak,2027-05-03,2,,no',
    ]);
    expect(fates(plan)).toEqual(['new', 'refused cell-broken-down-before', 'refused stage-missing']);
  });

  it('are put right where the sheet stands, with the box that it gives', () => {
    const book = bookAfter(planOf('cells', SHEET));
    const lines = ['hive,date,cell,stage,frame', 'Oak,2027-05-08,b,sealed,6'];
    expect(planOf('cells', lines, book).changes).toEqual([]);
    const plan = planOf('cells', lines, book, { isOverBook: true });
    expect(fates(plan)).toEqual(['conflict found frame']);
    expect(rowsOf(plan, 'cellObservations')).toMatchObject([{ found: 'sealed' }]);
    expect(rowsOf(plan, 'cells')).toMatchObject([{ label: 'b', frame: 6 }]);
  });
});
