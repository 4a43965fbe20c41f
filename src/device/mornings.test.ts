import { describe, expect, it } from 'vitest';
import { day } from '../core/calendar/day';
import { morningNow, morningsOf } from './mornings';
import type { Pack } from './pack';

const named = (id: string, name: string) => ({ colony: { id, name } });
const pack = {
  apiaries: [
    { id: 'g', name: 'Walled garden' },
    { id: 'q', name: 'Old quarry' },
  ],
  colonies: ['Sainfoin', 'Vetch', 'Yarrow', 'Burnet', 'Teasel'].map((name, i) => named(`c${i}`, name)),
  plan: {
    rounds: [
      { on: day('2027-05-16'), apiary: 'g', checks: ['c0 look', 'c0 act', 'c1 look'], hours: { from: 605, to: 700 } },
      { on: day('2027-05-16'), apiary: 'q', checks: ['c0 x', 'c1 x', 'c2 x', 'c3 x', 'c4 x'], hours: null },
      { on: day('2027-05-17'), apiary: 'q', checks: [], hours: null },
    ],
  },
} as unknown as Pack;

describe('what a phone says in the morning', () => {
  it('is where and at which hives, of days on which there is a round', () => {
    expect(morningsOf(pack)).toEqual([
      {
        on: '2027-05-16',
        words: '10:05 Walled garden: Sainfoin and Vetch\nOld quarry: Sainfoin, Vetch, Yarrow and 2 more',
      },
    ]);
    expect(morningsOf({ ...pack, plan: undefined } as unknown as Pack)).toEqual([]);
  });

  it('is said in the morning only, once, and on no other day', () => {
    const mornings = morningsOf(pack);
    const at = (now: string, saidOn: string | null = null) => morningNow(mornings, now, saidOn)?.on ?? null;
    expect(at('2027-05-16T05:00')).toBe('2027-05-16');
    expect(at('2027-05-16T11:59', '2027-05-15')).toBe('2027-05-16');
    expect([
      at('2027-05-16T04:59'),
      at('2027-05-16T12:00'),
      at('2027-05-16T08:00', '2027-05-16'),
      at('2027-05-17T08:00'),
    ]).toEqual([null, null, null, null]);
  });
});
