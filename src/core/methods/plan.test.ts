import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type Day, day, daysBetween, formatDay } from '../calendar/day';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { ALL_METHOD_NAMES, METHOD_NAMES, type MethodName } from './method';
import { definitionFaults, METHODS, methodNamed } from './methods';
import { type PlanChoices, planMethod, USUAL_CHOICES } from './plan';

const D0 = day('2027-05-10');
const plan = (name: MethodName, choices: Partial<PlanChoices> = {}) =>
  planMethod(methodNamed(name), { ...USUAL_CHOICES, on: D0, ...choices }, DEFAULT_SETTINGS);
/** `unit: code earliest/ideal/latest`, in days after the method. */
const checks = (name: MethodName, choices: Partial<PlanChoices> = {}) =>
  plan(name, choices).checks.map(({ unit, code, window: { earliest, ideal, latest } }) => {
    const after = [earliest, ideal, latest].map((on) => daysBetween(D0, on)).join('/');
    return `${unit}: ${code} ${after}`;
  });
const EGGS = 'eggs 28/30/34';

describe('the follow-ups of every method', () => {
  it.each([
    ['nuc-swarm', ['nuc: nuc-settled 2/3/5', 'parent: thin-cells 6/7/8', `parent: ${EGGS}`]],
    ['queen-split', ['nuc: nuc-settled 2/3/5', 'parent: thin-cells 6/7/8', `parent: ${EGGS}`]],
    [
      'old-site-swarm',
      ['old-site: laying-check 6/7/8', 'parent: thin-cells 6/7/8', 'parent: move-parent 6/7/8', `parent: ${EGGS}`],
    ],
    [
      'demaree',
      [
        'top: clear-top-cells 6/7/8',
        'bottom: bottom-check 6/7/8',
        'hive: supers-check 14/14/21',
        'top: top-brood-gone 22/22/25',
      ],
    ],
    [
      'part-demaree',
      [
        'top: clear-top-cells 6/7/8',
        'bottom: bottom-check 6/7/8',
        'hive: supers-check 14/14/21',
        'top: top-brood-gone 22/22/25',
      ],
    ],
    ['walk-away', ['both: which-half 5/6/7', 'queenless-half: thin-cells 6/7/8', `queenless-half: ${EGGS}`]],
    ['even-split', ['both: which-half 5/6/7', 'queenless-half: thin-cells 6/7/8', `queenless-half: ${EGGS}`]],
    ['vertical-split', ['hive: doors 4/5/6', 'top: thin-cells 6/7/8', 'hive: doors 9/10/11', `top: ${EGGS}`]],
    ['requeen-mated', ['hive: released 3/3/5', 'hive: laying-check 7/7/12']],
    ['hive-swarm', ['hive: laying-check 3/3/7']],
    ['unite', ['hive: united 5/5/7']],
    ['open-sides', ['hive: space-check 14/14/18']],
    ['honey-bound', ['hive: space-check 14/14/18']],
    ['interleave', ['hive: space-check 20/20/30']],
    ['pollen-bound', ['hive: space-check 7/7/14']],
    ['add-box', ['hive: space-check 7/7/10']],
    ['add-super', ['hive: space-check 7/7/14']],
  ] as const)('%s', (name, expected) => expect(checks(name)).toEqual(expected));

  it('has a definition for every name, and each is sound', () => {
    expect(METHODS.map(({ name }) => name).sort()).toEqual([...ALL_METHOD_NAMES].sort());
    const { raisesQueen, ...rest } = methodNamed('nuc-swarm');
    expect(definitionFaults({ ...rest, raisesQueen: null })).toEqual([
      'keeps-cells-but-raises-no-queen',
      'thinning-not-offered-alike',
    ]);
    expect(raisesQueen?.unit).toBe('parent');
  });

  it('leaves a hived cast shut until its queen may lay', () => {
    const { leaveShut, emergence, eggsBy } = plan('hive-swarm', { swarm: 'cast' });
    expect(checks('hive-swarm', { swarm: 'cast' })).toEqual(['hive: laying-check 14/14/28']);
    expect(leaveShut).toEqual([{ unit: 'hive', from: D0, to: addDays(D0, 13) }]);
    expect([emergence, eggsBy]).toEqual([null, null]);
  });

  it('leaves out what the keeper decided against', () => {
    expect(checks('demaree', { onlySealedBroodUp: true })).not.toContain('top: clear-top-cells 6/7/8');
    expect(checks('nuc-swarm', { secondThinning: false })).not.toContain('parent: thin-cells 6/7/8');
    expect(checks('old-site-swarm', { secondThinning: false })).toContain('parent: move-parent 6/7/8');
  });
});

describe('a unit that raises a queen', () => {
  const kept = (from: string, to: string) => ({ from: day(from), to: day(to) });

  it('is dated by emergency cells when none is kept', () => {
    const { emergence, leaveShut, eggsBy } = plan('queen-split');
    expect(emergence && Object.values(emergence).map((on) => daysBetween(D0, on))).toEqual([9, 10, 16, 17]);
    expect(leaveShut).toEqual([{ unit: 'parent', from: addDays(D0, 9), to: addDays(D0, 27) }]);
    expect(eggsBy && daysBetween(D0, eggsBy.failedOn)).toBe(45);
  });

  it('is dated by its kept cells, field by field, and never before the day it is done', () => {
    const { emergence, checks: planned } = plan('nuc-swarm', {
      keptCells: [kept('2027-05-01', '2027-05-03'), kept('2027-05-02', '2027-05-05')],
    });
    expect(emergence && Object.values(emergence).map(formatDay)).toEqual([
      '2027-05-16',
      '2027-05-17',
      '2027-05-21',
      '2027-05-22',
    ]);
    const thin = planned.find(({ code }) => code === 'thin-cells');
    expect(thin && Object.values(thin.window).map(formatDay)).toEqual(['2027-05-15', '2027-05-15', '2027-05-15']);
    expect(thin?.why).saying('may let its virgin out from 16 May');
    const old = plan('after-swarm', { keptCells: [kept('2027-04-20', '2027-04-26')] }).emergence;
    expect(old && Object.values(old).map(formatDay)).toEqual(['2027-05-10', '2027-05-10', '2027-05-12', '2027-05-13']);
  });

  it('is thinned before its first virgin, and never has another check while it is to be left shut', () => {
    const cells = fc.array(
      fc
        .record({ from: fc.integer({ min: -16, max: 0 }), span: fc.integer({ min: 0, max: 6 }) })
        .map(({ from, span }) => ({ from: addDays(D0, from), to: addDays(D0, Math.min(0, from + span)) as Day })),
      { maxLength: 3 },
    );
    fc.assert(
      fc.property(cells, fc.constantFrom(...METHOD_NAMES), (keptCells, name) => {
        const takes = methodNamed(name).options.includes('keptCells');
        const { checks: planned, leaveShut, emergence } = plan(name, takes ? { keptCells } : {});
        for (const { unit, code, window } of planned) {
          expect(window.earliest <= window.ideal && window.ideal <= window.latest).toBe(true);
          const isThinning = code === 'thin-cells' || code === 'move-parent';
          if (isThinning) expect(window.latest).toBeLessThanOrEqual(Math.max(D0 + 1, (emergence?.earliest ?? 0) - 1));
          for (const shut of leaveShut) {
            const overlaps = shut.unit === unit && window.earliest <= shut.to && window.latest >= shut.from;
            if (overlaps) expect(isThinning && daysBetween(D0, shut.from) <= 1).toBe(true);
          }
        }
      }),
      { numRuns: 1000 },
    );
  });
});
