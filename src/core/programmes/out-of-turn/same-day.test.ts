import { describe, expect, it } from 'vitest';
import { day } from '../../calendar/day';
import type { CellStage } from '../../cells/stage';
import { ALL_METHOD_NAMES } from '../../methods/method';
import { methodNamed } from '../../methods/methods';
import { expectedIn } from '../../queens/queen-questions';
import { aProgramme, cell, checks, look, saw, shut, yard } from '../testing';

const METHODS = ALL_METHOD_NAMES.filter(
  (name) => methodNamed(name).kind !== 'room' && !['unite', 'hive-swarm', 'give-cell'].includes(name),
);

/** What is said of the colony the day after: inspected and divided at two minutes of 10 May; `startAt` null: nobody noted when. */
const told = (
  method: (typeof METHODS)[number],
  found: CellStage | null,
  seen: object,
  lookAt: string,
  startAt: string | null,
) => {
  const { units } = methodNamed(method);
  const programme = aProgramme({
    id: startAt === null ? (lookAt < '12' ? 'z' : '0') : 'p',
    method,
    at: startAt === null ? null : `2027-05-10T${startAt}`,
    units: units.map(({ name, isNewColony }) => ({ unit: name, colonyId: isNewColony ? 'child' : 'home' })),
    keptCellIds: keeps(method) && found !== null ? ['a'] : [],
  });
  const inspection = look('05-10', {
    at: `2027-05-10T${lookAt}`,
    id: '5',
    cells: found === null ? [] : [saw('a', found)],
    ...seen,
  });
  const at = yard(
    {
      home: { cells: found === null ? [] : [cell('a')], inspections: [look('05-03'), inspection] },
      child: { startedOn: day('2027-05-10'), origin: 'split' },
    },
    { programmes: [programme] },
  );
  const state = at('home', '05-11');
  const { queen } = state;
  return [
    expectedIn(queen),
    queen.is === 'going' && 'gone',
    queen.doubt?.code ?? null,
    state.liveCells.length,
    ...checks(state),
    'shut',
    ...shut(state),
  ]
    .filter(Boolean)
    .join(' ');
};

const SEEN = [
  { eggs: 'seen', queen: 'seen', queenSeenAs: 'as-known' },
  { eggs: 'seen', queen: 'not-looked-for' },
  { eggs: 'none', queen: 'none' },
] as const;
const keeps = (method: (typeof METHODS)[number]) => methodNamed(method).options.includes('keptCells');

describe('a method and an inspection of its day', () => {
  it.each(METHODS)('%s: mean the same, whichever was entered first and at whatever minute', (method) => {
    for (const found of [null, 'larva-large', 'sealed'] as const) {
      if (found !== null && !keeps(method)) continue;
      for (const seen of SEEN) {
        const before = told(method, found, seen, '10:00', '12:00');
        for (const [lookAt, startAt] of [
          ['14:00', '12:00'],
          ['10:00', null],
          ['14:00', null],
        ] as const)
          expect(told(method, found, seen, lookAt, startAt)).toBe(before);
      }
    }
  });

  it('cells that were left at a later minute are not taken for broken down where none was named to be kept', () => {
    const left = (lookAt: string) => told('demaree', 'sealed', SEEN[1], lookAt, '12:00');
    expect(left('10:00')).not.toMatch(/^laying 1/);
    expect(left('14:00')).toMatch(/^laying 1/);
  });

  it('a queen seen that day in the new half is in there; seen in the one that was there before, that was before it was divided', () => {
    const seenIn = (id: 'home' | 'child') => {
      const inspections = [look('05-10', { at: '2027-05-10T14:00', ...SEEN[0] })];
      const units = [
        { unit: 'queen-half', colonyId: 'home' },
        { unit: 'queenless-half', colonyId: 'child' },
      ];
      const begun = { startedOn: day('2027-05-10'), origin: 'split' as const };
      const at = yard(
        { home: id === 'home' ? { inspections } : {}, child: id === 'child' ? { ...begun, inspections } : begun },
        { programmes: [aProgramme({ method: 'walk-away', at: '2027-05-10T12:00', units })] },
      );
      return at('home', '05-11').parts[0]?.half?.is ?? null;
    };
    expect([seenIn('home'), seenIn('child')]).toEqual([null, 'queenless']);
  });
});
