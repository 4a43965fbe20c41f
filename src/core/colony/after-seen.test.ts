import { describe, expect, it } from 'vitest';
import { addDays, type Day, day, formatDay } from '../calendar/day';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { afterSeen, type SeenAmid } from './after-seen';
import { onlyOn, type QueenState, queenStateAtStart } from './queen-state';
import type { Seen } from './seen';

const START = day('2027-05-01');
const at = (days: number): Day => addDays(START, days);
const laying = { ...queenStateAtStart('established', START), queenId: 'q' };

/** What may be known of a colony's queens before something is seen. */
const STATES: Readonly<Record<string, QueenState>> = {
  'laying queen': laying,
  'laying queen, swarm seen': {
    ...laying,
    presumedGone: true,
    queenId: null,
    swarmedOn: { from: at(0), to: at(1) },
    lastOwnEggs: at(1),
    requeeningId: 'swarm',
  },
  'laying queen, read as gone': { ...laying, presumedGone: true, requeeningId: 'look' },
  'queen taken out': {
    ...laying,
    expected: 'none',
    queenId: null,
    removedOn: at(0),
    removedTo: at(0),
    lastOwnEggs: at(0),
    requeeningId: 'event',
  },
  'queen lost, day not certain': {
    ...laying,
    expected: 'none',
    queenId: null,
    removedOn: at(0),
    removedTo: at(4),
    lastOwnEggs: at(4),
    requeeningId: 'event',
  },
  'no queen, none lost': { ...laying, expected: 'none', queenId: null, requeeningId: 'event', withoutSince: at(0) },
  'virgin flying': {
    ...laying,
    expected: 'virgin',
    queenId: null,
    virginEmerged: onlyOn(at(2)),
    requeeningId: 'virgin',
  },
  'virgin, late but there': {
    ...laying,
    expected: 'virgin',
    queenId: null,
    virginEmerged: onlyOn(at(0)),
    lateButThereOn: at(12),
    requeeningId: 'virgin',
  },
  'bought queen caged': { ...laying, expected: 'caged', cagedOn: at(0), lastOwnEggs: at(-2), requeeningId: 'cage' },
  'bought queen caged, the old one not found': {
    ...laying,
    expected: 'caged',
    cagedOn: at(0),
    requeeningId: 'cage',
    doubt: { code: 'old-queen-not-found', on: at(0), id: 'cage' },
  },
  'one half of a split, not known which': { ...laying, eitherHalfSince: at(0), requeeningId: 'split' },
  'swarm hived': { ...laying, arrivedOn: at(0) },
};

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

const short = (on: Day | null | undefined) => (on === null || on === undefined ? '-' : String(on - START));

/** What a state has come to be, as far as seeing can change it; days are counted from the first. */
function told(state: QueenState): string {
  const { expected, presumedGone, removedOn, swarmedOn, lastOwnEggs, virginEmerged, cagedOn, released, queenId } =
    state;
  const {
    lastProof,
    lastEggsSeen,
    requeeningId,
    eitherHalfSince,
    withoutSince,
    noEggsOn,
    lateButThereOn,
    laysSince,
    doubt,
  } = state;
  const days = [removedOn, swarmedOn?.from, lastOwnEggs, virginEmerged?.earliest, virginEmerged?.latest, cagedOn];
  const later = [lastEggsSeen, eitherHalfSince, withoutSince, noEggsOn, lateButThereOn, laysSince?.on];
  return [
    `${expected}${presumedGone ? ' gone' : ''}${released ? ' released' : ''} ${queenId ?? '-'} ${requeeningId ?? '-'}`,
    `${days.map(short).join(' ')} | ${later.map(short).join(' ')}`,
    `${lastProof ? `${lastProof.by} ${short(lastProof.on)}` : '-'}${doubt ? ` ?${doubt.code} ${short(doubt.on)}` : ''}`,
  ].join(' | ');
}

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
    const virgin = STATES['virgin flying'] as QueenState;
    const amid = AMID['no cells'] as SeenAmid;
    expect(afterSeen(virgin, seen, amid).expected).toBe('laying');
    expect(afterSeen(virgin, { ...seen, to: at(2) }, amid).doubt?.code).toBe('eggs-too-early');
    expect(formatDay(at(0))).toBe('2027-05-01');
  });
});
