import { describe, expect, it } from 'vitest';
import { colony, fates, idOf, OAK, planOf, rowsOf } from './testing';

describe('weights', () => {
  it('are one where they differ by no more than scales round, and are put together with those of their day', () => {
    const scaleDays = [
      { id: idOf(30), colonyId: OAK, on: '2027-05-01', readings: [[720, 31.5]] as [number, number][] },
    ];
    const lines = [
      'hive,date,weight kg',
      'Oak,2027-05-01 12:00,31.502',
      'Oak,2027-05-01 08:00,31',
      'Oak,2027-05-01 12:00,33',
    ];
    const plan = planOf('weights', lines, { scaleDays });
    expect(fates(plan)).toEqual(['known', 'new', 'refused twice-in-sheet']);
    expect(rowsOf(plan, 'scaleDays')).toEqual([
      {
        id: idOf(30),
        colonyId: OAK,
        on: '2027-05-01',
        readings: [
          [480, 31],
          [720, 31.5],
        ],
      },
    ]);
    const other = ['hive,date,weight lb', 'Oak,2027-05-01 12:00,70'];
    expect(planOf('weights', other, { scaleDays }).changes).toEqual([]);
    const put = planOf('weights', other, { scaleDays }, { isOverBook: true });
    expect(fates(put)).toEqual(['conflict kg']);
    expect(rowsOf(put, 'scaleDays')[0]?.readings).toEqual([[720, 31.751466]]);
  });

  it('are refused where they are none, too heavy, to come, or before the colony', () => {
    const colonies = [{ ...colony(OAK, 'Oak'), origin: 'nuc' as const, startedOn: '2027-05-10' }];
    const lines = [
      'hive,date,weight kg',
      'Oak,2027-05-11,',
      'Oak,2027-05-11,heavy',
      'Oak,2027-05-11,501',
      'Oak,2027-06-21,30',
      'Oak,2027-05-09,30',
    ];
    expect(fates(planOf('weights', lines, { colonies }))).toEqual([
      'refused not-a-number',
      'refused not-a-number',
      'refused must-be-at-most',
      'refused in-the-future',
      'refused colony-began-later',
    ]);
  });
});
