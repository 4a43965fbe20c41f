import { describe, expect, it } from 'vitest';
import { formatDay } from '../calendar/day';
import { onlyOn, type QueenState } from '../queens/queen-state';
import { at, STATES, told } from '../queens/testing';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { afterSeen, type SeenAmid } from './after-seen';
import type { Seen } from './seen';

const SEEN: readonly Pick<Seen, 'eggs' | 'youngest' | 'queen' | 'queenSeenAs'>[] = [
  { eggs: 'seen', youngest: null, queen: 'none', queenSeenAs: 'not-said' },
  { eggs: 'seen', youngest: 'eggs-upright', queen: 'none', queenSeenAs: 'not-said' },
  { eggs: 'none', youngest: null, queen: 'none', queenSeenAs: 'not-said' },
  { eggs: 'seen', youngest: null, queen: 'seen', queenSeenAs: 'as-known' },
  ...(['not-said', 'as-known', 'virgin', 'unmarked'] as const).map(
    (queenSeenAs) => ({ eggs: 'not-looked-for', youngest: null, queen: 'seen', queenSeenAs }) as const,
  ),
  { eggs: 'none', youngest: null, queen: 'seen', queenSeenAs: 'not-said' },
];
const AMID: Readonly<Record<string, SeenAmid>> = {
  'no cells': { emerging: null, hasCells: false, patientUntil: null, settings: DEFAULT_SETTINGS },
  'cells, out on day 10': { emerging: onlyOn(at(10)), hasCells: true, patientUntil: at(7), settings: DEFAULT_SETTINGS },
};
const DAYS = [0, 3, 4, 5, 7, 10, 13, 18, 25, 32];

describe('what is seen', () => {
  it('rules queens in and out: of each that may be there, by what was seen and on which day', async () => {
    const lines: string[] = [];
    for (const [name, state] of Object.entries(STATES)) {
      for (const [around, amid] of Object.entries(AMID)) {
        for (const sight of SEEN) {
          lines.push(
            `${name}, ${around}: eggs ${sight.eggs}${sight.youngest ? ' upright' : ''}, queen ${sight.queen} ${sight.queenSeenAs}`,
          );
          // Days on which the same comes of it are told once.
          let before = '';
          for (const days of DAYS) {
            const seen: Seen = { ...sight, id: 'look', on: at(days), to: at(days), isFull: true };
            const now = told(afterSeen(state, seen, amid));
            // What only carries the day along is not another outcome.
            const outcome = now.replaceAll(new RegExp(`(?<![\\d-])${days}(?!\\d)`, 'g'), 'day');
            if (outcome !== before) lines.push(`  from day ${days}: ${outcome}`);
            before = outcome;
          }
        }
      }
    }
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('./after-seen.txt');
  });

  it('counts from the last day where the day is not certain, and from a few frames too', () => {
    const seen: Seen = {
      id: 'look',
      on: at(2),
      to: at(30),
      eggs: 'seen',
      youngest: null,
      queen: 'not-looked-for',
      queenSeenAs: 'not-said',
      isFull: false,
    };
    const flying = STATES['virgin flying'] as QueenState;
    const amid = AMID['no cells'] as SeenAmid;
    expect(afterSeen(flying, seen, amid).is).toBe('laying');
    expect(afterSeen(flying, { ...seen, to: at(2) }, amid).doubt?.code).toBe('eggs-too-early');
    expect(formatDay(at(0))).toBe('2027-05-01');
  });
});
