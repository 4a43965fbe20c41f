import { describe, expect, it } from 'vitest';
import { day } from '../calendar/day';
import { type LayingQueen, whichQueenStays } from './which-queen-stays';

const unknown: LayingQueen = { emerged: null, laysSince: null, broodFrames: null };
const emerged = (from: string, to = from): LayingQueen => ({ ...unknown, emerged: { from: day(from), to: day(to) } });

describe('which of two laying queens stays', () => {
  it('is the younger', () => {
    expect(whichQueenStays(emerged('2025-06-01'), emerged('2026-06-01'))).toEqual({ stays: 1, by: 'younger' });
    expect(whichQueenStays(emerged('2026-06-01'), emerged('2025-06-01'))).toEqual({ stays: 0, by: 'younger' });
  });

  it('is the younger whatever their brood, and not told by ages that overlap', () => {
    const old = { ...emerged('2025-06-01'), broodFrames: 9 };
    expect(whichQueenStays(old, { ...emerged('2026-06-01'), broodFrames: 4 })).toMatchObject({ stays: 1 });
    const spread = emerged('2025-05-01', '2025-07-01');
    expect(whichQueenStays(spread, emerged('2025-06-01'))).toBeNull();
    expect(whichQueenStays(spread, emerged('2025-07-01'))).toBeNull();
    expect(whichQueenStays(spread, emerged('2025-07-02'))).toEqual({ stays: 1, by: 'younger' });
  });

  it('takes first eggs that were waited for as those of a young queen', () => {
    const young = { ...unknown, laysSince: day('2027-06-10') };
    expect(whichQueenStays(emerged('2026-06-01'), young)).toEqual({ stays: 1, by: 'younger' });
    expect(whichQueenStays(young, emerged('2026-06-01'))).toEqual({ stays: 0, by: 'younger' });
    // She may be the elder of two of one season.
    expect(whichQueenStays(emerged('2027-05-20'), young)).toBeNull();
  });

  it('is the better layer where no age tells, and left to the keeper where nothing does', () => {
    const frames = (broodFrames: number) => ({ ...unknown, broodFrames });
    expect(whichQueenStays(frames(5), frames(7))).toEqual({ stays: 1, by: 'better-layer' });
    expect(whichQueenStays(frames(7), frames(5))).toEqual({ stays: 0, by: 'better-layer' });
    expect(whichQueenStays(frames(7), frames(7))).toBeNull();
    expect(whichQueenStays(frames(7), unknown)).toBeNull();
  });
});
