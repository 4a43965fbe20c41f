import { describe, expect, it } from 'vitest';
import { bookAfter, ELM, fates, idOf, OAK, planOf, rowsOf } from './testing';

describe('queens', () => {
  it('are those that were in a hive on a day, of a year that is written short', () => {
    const lines = ['hive,introduced,year,source', 'Oak,2027-05-01,27,bought', 'Elm,2027-04-01,2026,own'];
    const plan = planOf('queens', lines);
    expect(fates(plan)).toEqual(['new', 'new']);
    expect(
      rowsOf(plan, 'queens').map(({ origin, emergedFrom, emergedTo }) => [origin, emergedFrom, emergedTo]),
    ).toEqual([
      ['bought', '2027-01-01', '2027-05-01'],
      ['raised', '2026-01-01', '2026-12-31'],
    ]);
    expect(rowsOf(plan, 'queenEvents').map(({ colonyId, on, kind }) => [colonyId, on, kind])).toEqual([
      [OAK, '2027-05-01', 'present'],
      [ELM, '2027-04-01', 'present'],
    ]);
    expect(fates(planOf('queens', lines, bookAfter(plan)))).toEqual(['known', 'known']);
    expect(fates(planOf('queens', [lines[0] as string, 'Oak,2027-05-01,27,own'], bookAfter(plan)))).toEqual([
      'conflict origin',
    ]);
  });

  it('are refused without a hive or an identifier, a day, and with a mother who is nowhere', () => {
    const plan = planOf('queens', [
      'queen id,mother id,hive,introduced,emerged from,emerged to',
      ',,,,,',
      ',,Oak,,,',
      `${idOf(20)},${idOf(29)},,,,`,
      `${idOf(21)},${idOf(20)},,,2027-05-02,2027-05-01`,
      ',,,2027-05-01,,',
      ',,Oak,2027-06-21,,',
    ]);
    expect(fates(plan)).toEqual([
      'refused day-missing',
      'refused choose-her-mother',
      'refused emerged-by-before-from',
      'refused queen-without-hive',
      'refused in-the-future-today',
    ]);
  });

  it('do not hang on a mother whose own row was refused', () => {
    const plan = planOf('queens', [
      'queen id,mother id,emerged from,emerged to',
      `${idOf(21)},${idOf(20)},,`,
      `${idOf(20)},,2027-05-02,2027-05-01`,
    ]);
    expect(fates(plan)).toEqual(['new', 'refused emerged-by-before-from']);
    expect(rowsOf(plan, 'queens')).toMatchObject([{ id: idOf(21), motherQueenId: null }]);
  });
});
