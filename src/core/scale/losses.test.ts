import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import { openLosses } from './losses';

const D = day('2027-05-16');
const lost = { possibleSwarms: [{ at: '2027-05-16T13:30', by: -190, returned: false }] };
const none = { looks: [], swarms: [] };

describe('losses that may have been swarms', () => {
  it('are asked about for a week', () => {
    expect(openLosses(lost, [], none, D)).toEqual([
      { at: '2027-05-16T13:30', kg: 1.9, returned: false, isToBeLookedAt: false },
    ]);
    expect(openLosses(lost, [], none, addDays(D, 7))).toHaveLength(1);
    expect(openLosses(lost, [], none, addDays(D, 8))).toEqual([]);
    // A demo's clock was put back.
    expect(openLosses(lost, [], none, addDays(D, -1))).toEqual([]);
  });

  it('are settled by an answer, by a look since, or by a swarm of that day', () => {
    const said = (answer: 'none' | 'look' | 'swarm') => [{ at: '2027-05-16T13:30', answer }];
    expect(openLosses(lost, said('none'), none, D)).toEqual([]);
    expect(openLosses(lost, said('look'), none, D)).toMatchObject([{ isToBeLookedAt: true }]);
    expect(openLosses(lost, said('swarm'), { looks: [], swarms: [D] }, D)).toEqual([]);
    expect(openLosses(lost, [], { looks: ['2027-05-16T17:00'], swarms: [] }, D)).toEqual([]);
    expect(openLosses(lost, [], { looks: ['2027-05-16T13:00'], swarms: [addDays(D, -1)] }, D)).toHaveLength(1);
  });

  it('are asked about again once the swarm was taken out of the records', () => {
    expect(openLosses(lost, [{ at: '2027-05-16T13:30', answer: 'swarm' }], none, D)).toHaveLength(1);
  });
});
