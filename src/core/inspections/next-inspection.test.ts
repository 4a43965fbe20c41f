import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import { type LookedAt, nextInspection } from './next-inspection';

const back = (look: Partial<LookedAt>) => {
  const { ideal, latest, hiddenAge } = nextInspection({
    on: day('2027-05-01'),
    thoroughness: 'cleared',
    cellsRemoved: false,
    clipped: false,
    alreadyDue: null,
    ...look,
  });
  return [formatDay(ideal).slice(5), formatDay(latest).slice(5), hiddenAge];
};

describe('when to be back', () => {
  it('follows from the oldest cell that may have been missed', () => {
    expect(back({})).toEqual(['05-07', '05-08', 0]);
    expect(back({ thoroughness: 'bees-on' })).toEqual(['05-04', '05-05', 3]);
    expect(back({ cellsRemoved: true })).toEqual(['05-03', '05-04', 4]);
    expect(back({ thoroughness: 'bees-on', cellsRemoved: true })).toEqual(['05-03', '05-04', 4]);
    expect(back({ clipped: true })).toEqual(['05-14', '05-15', 0]);
    expect(back({ clipped: true, thoroughness: 'bees-on' })).toEqual(['05-11', '05-12', 3]);
  });

  it('never lets a tip-up push an earlier date back', () => {
    expect(back({ thoroughness: 'tip-up' })).toEqual(['05-02', '05-03', null]);
    expect(back({ thoroughness: 'tip-up', clipped: true, alreadyDue: day('2027-05-20') })).toEqual([
      '05-02',
      '05-03',
      null,
    ]);
    expect(back({ thoroughness: 'tip-up', alreadyDue: day('2027-05-02') })).toEqual(['05-01', '05-02', null]);
    expect(back({ alreadyDue: day('2027-05-02') })).toEqual(['05-07', '05-08', 0]);
  });
});
