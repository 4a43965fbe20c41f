import { describe, expect, it } from 'vitest';
import { day, formatDay } from '../calendar/day';
import type { InspectionFact } from '../colony/facts';
import { inspection } from '../colony/testing';
import { anAnswer, aProgramme } from './testing';
import { whichHalf } from './which-half';

const split = aProgramme({
  method: 'walk-away',
  on: day('2027-05-10'),
  units: [
    { unit: 'queen-half', colonyId: 'a' },
    { unit: 'queenless-half', colonyId: 'b' },
  ],
});
const look = (on: string, over: Partial<InspectionFact> = {}) => inspection({ at: `2027-${on}T12:00`, ...over });
const cells = [{ cellId: 'x', found: 'sealed', takenDown: false }] as const;
const known = (
  a: readonly InspectionFact[],
  b: readonly InspectionFact[] = [],
  answers: ReturnType<typeof anAnswer>[] = [],
  today = '2027-06-30',
) => {
  const of = (id: 'a' | 'b') =>
    whichHalf(split, id, { looksOf: (one) => (one === 'a' ? a : b), dividedOn: {} }, answers, day(today)).at(-1) ??
    null;
  const half = of('a') ?? of('b');
  if (half === null) return null;
  const queenless = { queen: 'b', queenless: 'a', failed: 'neither', settled: `${of('a') ? 'a' : 'b'} settled` }[
    half.is
  ];
  return `${queenless} since ${formatDay(half.on).slice(5)}`;
};

describe('which half of a split has no queen', () => {
  it('is told by eggs from the fourth day on, since those of the split have hatched by then', () => {
    expect(known([look('05-13')])).toBeNull();
    expect(known([look('05-14')])).toEqual('b since 05-14');
    expect(known([], [look('05-14')])).toEqual('a since 05-14');
  });

  it('is told by eggs no longer once a young queen could have laid them', () => {
    // Out on day 9 at the earliest, eggs 8 days after: day 17.
    expect(known([look('05-26')])).toEqual('b since 05-26');
    expect(known([look('05-27')])).toEqual('a settled since 05-27');
  });

  it('is told by live cells without eggs, and not by dry cups or cells that were looked for and gone', () => {
    expect(known([look('05-15', { eggs: 'none', cells })])).toEqual('a since 05-15');
    const dry = [{ cellId: 'x', found: 'cup-dry', takenDown: false }] as const;
    expect(known([look('05-15', { eggs: 'none', cells: dry })])).toBeNull();
    const gone = [{ cellId: 'x', found: 'not-found', takenDown: false }] as const;
    expect(known([look('05-15', { eggs: 'none', cells: gone })])).toBeNull();
    expect(known([look('05-15', { eggs: 'not-looked-for', cells })])).toBeNull();
  });

  it('is neither, once both were looked through and had neither eggs nor cells', () => {
    const nothing = { eggs: 'none' } as const;
    expect(known([look('05-16', nothing)])).toBeNull();
    expect(known([look('05-16', nothing)], [look('05-18', nothing)])).toEqual('neither since 05-18');
  });

  it('is told by the first thing that tells, in whatever order it was entered', () => {
    const early = look('05-15', { eggs: 'none', cells });
    const later = look('05-16');
    expect(known([later, early])).toEqual('a since 05-15');
    expect(known([early, later])).toEqual('a since 05-15');
  });

  it('takes the keeper’s word, but not from a day to come', () => {
    const word = anAnswer(split.id, 'a', 'which-half', '2027-05-16', 'known', { queenlessColonyId: 'a' });
    expect(known([], [], [word])).toEqual('a since 05-16');
    expect(known([], [], [word], '2027-05-15')).toBeNull();
    expect(known([], [], [anAnswer(split.id, 'a', 'which-half', '2027-05-16', 'neither')])).toEqual(
      'neither since 05-16',
    );
    expect(known([], [], [{ ...word, programmeId: 'another' }])).toBeNull();
  });
});
