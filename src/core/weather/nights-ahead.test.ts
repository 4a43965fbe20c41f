import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import { nightsAhead } from './nights-ahead';

const D = day('2027-05-16');

describe('the next five nights', () => {
  it('give their coldest only when all five are known', () => {
    expect(nightsAhead([9, 7, 8, 10, 11], new Map(), D).coldestC).toBe(7);
    expect(nightsAhead([9, 7, null, 10, 11], new Map(), D).coldestC).toBeNull();
    expect(nightsAhead([], new Map(), D)).toMatchObject({
      coldestC: null,
      nights: [{ on: D, lowC: null, by: null }, {}, {}, {}, {}],
    });
  });

  it('are as the keeper says where he says so, warmer or colder than the forecast', () => {
    const said = new Map([
      [addDays(D, 1), 12],
      [addDays(D, 2), -1],
      [addDays(D, 5), -9],
    ]);
    const { nights, coldestC } = nightsAhead([9, 7, null, 10, 11], said, D);
    expect(nights.map(({ lowC, by }) => [lowC, by])).toEqual([
      [9, 'forecast'],
      [12, 'keeper'],
      [-1, 'keeper'],
      [10, 'forecast'],
      [11, 'forecast'],
    ]);
    expect(coldestC).toBe(-1);
  });
});
