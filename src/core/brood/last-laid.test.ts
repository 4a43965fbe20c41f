import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import { type BroodSeen, lastLaid } from './last-laid';

const on = day('2027-05-20');
const reckon = (seen: Partial<BroodSeen>) => {
  const { lastLaid: laid, conflict } = lastLaid({
    on,
    youngest: 'eggs',
    eggsLookedFor: true,
    lastEggsSeen: null,
    ...seen,
  });
  return conflict ? 'conflict' : laid && [laid.from && formatDay(laid.from).slice(5), formatDay(laid.to).slice(5)];
};

describe('when she last laid', () => {
  it.each([
    ['eggs-upright', ['05-19', '05-20']],
    ['eggs', ['05-17', '05-20']],
    ['larvae-small', ['05-15', '05-17']],
    ['larvae-large', ['05-10', '05-15']],
    ['sealed', ['04-28', '05-12']],
    ['none', [null, '04-30']],
  ] as const)('youngest %s', (youngest, expected) => expect(reckon({ youngest })).toEqual(expected));

  it('cannot tell when eggs were not looked for', () => {
    expect(reckon({ youngest: 'sealed', eggsLookedFor: false })).toBeNull();
    expect(reckon({ youngest: 'eggs', eggsLookedFor: false })).toEqual(['05-17', '05-20']);
  });

  it('is bounded by the last day eggs were surely seen', () => {
    expect(reckon({ youngest: 'sealed', lastEggsSeen: day('2027-05-10') })).toEqual(['05-07', '05-12']);
    expect(reckon({ youngest: 'none', lastEggsSeen: day('2027-05-03') })).toEqual(['04-30', '04-30']);
    expect(reckon({ youngest: 'none', lastEggsSeen: day('2027-05-04') })).toBe('conflict');
  });
});
