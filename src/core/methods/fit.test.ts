import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STORES } from '../colony/facts';
import { QUEEN_EXPECTED } from '../inspections/inspection-seen';
import { READINGS } from '../inspections/reading';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { type Fit, type FitFacts, fitOf } from './fit';
import { ALL_METHOD_NAMES, METHOD_NAMES, type MethodName } from './method';
import { methodNamed, needsKeptCell } from './methods';

/** A strong colony getting ready to swarm, with everything at hand. */
const ready: FitFacts = {
  reading: 'preparing',
  queen: 'laying',
  presumedGone: false,
  queenFound: true,
  youngBroodAgo: 0,
  isUnseen: false,
  isEitherHalf: false,
  queenlessFor: null,
  openCells: 3,
  sealedCells: 0,
  broodFrames: 8,
  coveredSeams: 10,
  drones: 'flying',
  mainFlowInDays: 5,
  coldestNightC: 12,
  secondStand: true,
  stores: 'room',
};
const words = (fit: Fit) => {
  if (fit.kind === 'fits') return 'fits';
  return fit.kind === 'does-not-fit' ? 'no' : fit.missing.map(({ code }) => code).join(' ');
};
const verdictOf = (name: MethodName, change: Partial<FitFacts> = {}) =>
  words(fitOf(methodNamed(name), { ...ready, ...change }, DEFAULT_SETTINGS));
const all = (change: Partial<FitFacts>) =>
  Object.fromEntries(METHOD_NAMES.map((name) => [name, verdictOf(name, change)]));

describe('which methods fit', () => {
  it('a strong colony with charged cells and its queen found', () => {
    expect(all({})).toEqual({
      'nuc-swarm': 'fits',
      'old-site-swarm': 'fits',
      demaree: 'fits',
      'part-demaree': 'fits',
      'walk-away': 'cells-in-the-way',
      'even-split': 'cells-in-the-way',
      'queen-split': 'fits',
      'vertical-split': 'fits',
      'requeen-mated': 'cells-in-the-way',
      'after-swarm': 'no',
      'open-sides': 'no',
      interleave: 'no',
      'honey-bound': 'no',
      'pollen-bound': 'no',
      'hive-swarm': 'no',
      unite: 'queen-in-the-way',
      'add-box': 'no',
      'add-super': 'fits',
    });
  });

  it('does not say that a colony into which nobody has looked has its own queen', () => {
    const because = (isUnseen: boolean) => {
      const fit = fitOf(methodNamed('give-eggs'), { ...ready, isUnseen }, DEFAULT_SETTINGS);
      return fit.kind === 'does-not-fit' ? fit.because : null;
    };
    expect(because(false)).toEqual('It has its own laying queen.');
    expect(because(true)).toEqual('Not inspected yet: whether it has a laying queen is not known. Look first.');
  });

  it('tells those that need the queen from those that do not', () => {
    const notFound = all({ queenFound: false, openCells: 0 });
    const needHer = METHOD_NAMES.filter((name) => notFound[name]?.includes('queen-not-found'));
    expect(needHer).toEqual(['nuc-swarm', 'old-site-swarm', 'demaree', 'part-demaree', 'queen-split', 'requeen-mated']);
    expect([notFound['walk-away'], notFound['even-split'], notFound['vertical-split']]).toEqual([
      'fits',
      'fits',
      'fits',
    ]);
  });

  it.each([
    ['queen-split', { broodFrames: 3 }, 'too-little-brood'],
    ['queen-split', { broodFrames: 4 }, 'fits'],
    ['old-site-swarm', { broodFrames: 4 }, 'too-little-brood'],
    ['vertical-split', { broodFrames: 5 }, 'too-little-brood'],
    ['demaree', { coveredSeams: 7 }, 'too-few-bees'],
    ['demaree', { mainFlowInDays: 14 }, 'fits'],
    ['demaree', { mainFlowInDays: 15 }, 'flow-not-near'],
    ['part-demaree', { mainFlowInDays: 60 }, 'fits'],
    ['demaree', { sealedCells: 1 }, 'no'],
    ['nuc-swarm', { sealedCells: 1 }, 'fits'],
    ['nuc-swarm', { openCells: 0 }, 'no-cells'],
    ['queen-split', { openCells: 0 }, 'fits'],
    ['queen-split', { drones: 'none' }, 'no-drones'],
    ['demaree', { drones: 'none' }, 'fits'],
    ['queen-split', { broodFrames: null, drones: null }, 'not-noted not-noted'],
    ['interleave', { openCells: 0 }, 'fits'],
    ['interleave', { openCells: 0, coveredSeams: 5 }, 'too-few-bees'],
    ['open-sides', { openCells: 0, broodFrames: 2 }, 'fits'],
    ['pollen-bound', { openCells: 0, stores: 'pollen' }, 'fits'],
    ['pollen-bound', { openCells: 0, stores: 'honey' }, 'no'],
    ['honey-bound', { openCells: 0, stores: 'honey' }, 'fits'],
    ['after-swarm', { presumedGone: true, sealedCells: 2 }, 'fits'],
    ['after-swarm', { reading: 'swarmed', openCells: 0 }, 'no-cells'],
    ['cell-nuc', {}, 'fits'],
    ['cell-nuc', { openCells: 0 }, 'no-cells'],
    ['cell-nuc', { presumedGone: true, openCells: 1 }, 'no'],
    ['cell-nuc', { presumedGone: true, openCells: 2 }, 'fits'],
    ['nuc-swarm', { presumedGone: true }, 'no'],
    ['walk-away', { queen: 'none' }, 'no'],
    ['requeen-mated', { queen: 'none', openCells: 0, queenFound: false }, 'fits'],
    ['requeen-mated', { openCells: 0 }, 'fits'],
    ['requeen-mated', { reading: 'drone-laying', openCells: 0 }, 'no'],
    ['unite', { queen: 'none' }, 'fits'],
    ['unite', { queen: 'none', isEitherHalf: true }, 'no'],
    ['queen-split', { youngBroodAgo: 3 }, 'fits'],
    ['queen-split', { youngBroodAgo: 4 }, 'no-young-brood'],
    ['walk-away', { youngBroodAgo: null, openCells: 0 }, 'no-young-brood'],
    ['part-demaree', { youngBroodAgo: null, openCells: 0 }, 'no-young-brood'],
    ['nuc-swarm', { youngBroodAgo: null }, 'fits'],
    ['queen-split', { isEitherHalf: true }, 'no'],
    ['requeen-mated', { queen: 'none', openCells: 0, queenlessFor: 0 }, 'too-soon'],
    ['requeen-mated', { queen: 'none', openCells: 0, queenlessFor: 1 }, 'fits'],
    ['after-swarm', { reading: 'cast-risk', presumedGone: true, openCells: 1 }, 'no'],
    ['unite', { queen: 'none', reading: 'drone-laying' }, 'no'],
  ] as const)('%s with %o: %s', (name, change, expected) => expect(verdictOf(name, change)).toBe(expected));

  it('warns of a late mating where drones are still sealed', () => {
    const late = fitOf(methodNamed('queen-split'), { ...ready, drones: 'sealed-only' }, DEFAULT_SETTINGS);
    expect(late).toEqual({ kind: 'fits', warnings: ['Only sealed drone brood as yet: her mating may be late.'] });
    expect(fitOf(methodNamed('demaree'), { ...ready, drones: 'sealed-only' }, DEFAULT_SETTINGS)).toEqual({
      kind: 'fits',
      warnings: [],
    });
  });

  it('names a missing second stand, and nights too cold for empty frames in the brood', () => {
    expect(verdictOf('walk-away', { openCells: 0, secondStand: false })).toBe('no-second-stand');
    expect(verdictOf('vertical-split', { openCells: 0, secondStand: false })).toBe('fits');
    const unsaid = fitOf(methodNamed('old-site-swarm'), { ...ready, secondStand: null }, DEFAULT_SETTINGS);
    expect(unsaid).toEqual({ kind: 'fits', warnings: ['It takes a second stand.'] });
    const settled = { reading: 'settled', openCells: 0 } as const;
    expect(verdictOf('interleave', settled)).toBe('fits');
    expect(verdictOf('interleave', { ...settled, coldestNightC: 9 })).toBe('nights-cold');
    expect(verdictOf('interleave', { ...settled, coldestNightC: null })).toBe('not-noted');
    expect(verdictOf('open-sides', { ...settled, coldestNightC: -3 })).toBe('fits');
  });

  it('always gives a reason when a method does not fit, and never lets the unknown pass for enough', () => {
    const anyFacts: fc.Arbitrary<FitFacts> = fc.record({
      reading: fc.constantFrom(...READINGS),
      queen: fc.constantFrom(...QUEEN_EXPECTED),
      presumedGone: fc.boolean(),
      queenFound: fc.boolean(),
      youngBroodAgo: fc.option(fc.nat(14), { nil: null }),
      isUnseen: fc.boolean(),
      isEitherHalf: fc.boolean(),
      queenlessFor: fc.option(fc.nat(14), { nil: null }),
      openCells: fc.nat(5),
      sealedCells: fc.nat(5),
      broodFrames: fc.option(fc.nat(12), { nil: null }),
      coveredSeams: fc.option(fc.nat(12), { nil: null }),
      drones: fc.constantFrom('flying' as const, 'sealed-only' as const, 'none' as const, null),
      coldestNightC: fc.option(fc.integer({ min: -5, max: 20 }), { nil: null }),
      secondStand: fc.constantFrom(true, false, null),
      mainFlowInDays: fc.option(fc.nat(60), { nil: null }),
      stores: fc.constantFrom(...STORES),
    });
    fc.assert(
      fc.property(anyFacts, fc.constantFrom(...METHOD_NAMES), (facts, name) => {
        const method = methodNamed(name);
        const result = fitOf(method, facts, DEFAULT_SETTINGS);
        if (result.kind === 'does-not-fit') expect(result.because).not.toBe('');
        if (result.kind === 'would-fit') expect(result.missing.length).toBeGreaterThan(0);
        if (result.kind === 'fits') {
          if (method.needs.broodFrames !== null)
            expect(facts.broodFrames).toBeGreaterThanOrEqual(DEFAULT_SETTINGS[method.needs.broodFrames]);
          if (method.needs.drones) expect(['flying', 'sealed-only']).toContain(facts.drones);
          if (method.needs.queenFound) expect(facts.queenFound).toBe(true);
        }
      }),
      { numRuns: 1000 },
    );
  });
});

it('a unit that lost its queen before needs a kept cell; one that loses her now has her eggs', () => {
  const needing = ALL_METHOD_NAMES.filter((name) => needsKeptCell(methodNamed(name)));
  expect(needing).toEqual(['after-swarm', 'cell-nuc']);
});
