import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Day, day } from '../core/calendar/day';
import { CELL_STAGES } from '../core/cells/stage';
import { THOROUGHNESS } from '../core/cells/thoroughness';
import { type ClockState, readClockQuery, writeClockQuery } from './clock-state';

const anyDay = fc.integer({ min: day('2020-01-01'), max: day('2040-12-31') }).map((n) => n as Day);
const anyState: fc.Arbitrary<ClockState> = fc.record({
  sights: fc.array(fc.record({ on: anyDay, stage: fc.constantFrom(...CELL_STAGES) }), { maxLength: 12 }),
  checks: fc.array(fc.record({ on: anyDay, thoroughness: fc.constantFrom(...THOROUGHNESS) }), { maxLength: 12 }),
  queenRemoved: fc.option(anyDay, { nil: null }),
});

describe('the cell clock’s address', () => {
  it('gives back what was written into it', () => {
    fc.assert(
      fc.property(anyState, (state) => {
        expect(readClockQuery(new URLSearchParams(writeClockQuery(state)))).toEqual(state);
      }),
    );
  });

  it('reads as the documentation says', () => {
    const query = 'seen=2027-05-10.larva-large&empty=2027-05-03.cleared&queenless=2027-05-08';
    expect(readClockQuery(new URLSearchParams(query))).toEqual({
      sights: [{ on: day('2027-05-10'), stage: 'larva-large' }],
      checks: [{ on: day('2027-05-03'), thoroughness: 'cleared' }],
      queenRemoved: day('2027-05-08'),
    });
  });

  it.each([
    'seen=2027-02-30.egg',
    'seen=2027-05-10.fried',
    'seen=2027-05-10',
    'seen=2027-05-10-egg',
    'seen=',
    'empty=2027-05-10.egg',
    'queenless=soon',
    'more=1',
  ])('passes over %s', (query) => {
    expect(readClockQuery(new URLSearchParams(query))).toEqual({ sights: [], checks: [], queenRemoved: null });
  });

  it('reads no more than anybody looks', () => {
    const query = Array.from({ length: 500 }, () => 'seen=2027-05-10.egg').join('&');
    expect(readClockQuery(new URLSearchParams(query)).sights).toHaveLength(12);
  });
});
