import fc from 'fast-check';
import { addDays, day } from '../calendar/day';
import { DEFAULT_SETTINGS } from '../settings/settings';
import type { Choice, ChoiceName, ColonyNow, WhatIfAsked } from './asked';
import { type Assumed, USUAL_ASSUMED } from './assumed';
import { outcomeOf } from './what-if';

export const FROM = day('2027-05-10');

/** A colony in one brood box that fills it, with its queen of last year. */
export const A_COLONY: ColonyNow = {
  bees: 24_000,
  eggs: 4500,
  larvae: 9000,
  sealed: 17_000,
  freeCells: 10_000,
  storeCells: 14_500,
  honeyKg: 12,
  queen: { layingPerDay: 1500, year: 2 },
  oldestCellLaid: null,
};

export const ASKED: WhatIfAsked = {
  from: FROM,
  days: 100,
  seed: 20270510,
  runs: 200,
  season: { from: day('2027-04-20'), to: day('2027-07-10') },
  colony: A_COLONY,
  flow: [{ from: day('2027-05-10'), to: day('2027-07-31'), kgPerDay: 1.2 }],
  matingSuccess: 0.8,
};

export const NO_DEATHS: Assumed = {
  ...USUAL_ASSUMED,
  eggsSurvive: 1,
  larvaeSurvive: 1,
  sealedSurvive: 1,
  houseBeesDie: 0,
  flyersDie: 0,
};

export const choose = (choice: ChoiceName, over: Partial<Choice> = {}): Choice => ({
  choice,
  on: addDays(FROM, 2),
  giveRoom: choice !== 'nothing',
  buysQueen: false,
  ...over,
});

export const reckon = (
  choice: Choice,
  over: Partial<WhatIfAsked> = {},
  options: Parameters<typeof outcomeOf>[3] = {},
) => outcomeOf({ ...ASKED, ...over }, choice, DEFAULT_SETTINGS, options);

/** Colonies of all sizes, crowded and not, with cells and without. */
export const anyColony: fc.Arbitrary<ColonyNow> = fc
  .record({
    bees: fc.integer({ min: 4000, max: 45_000 }),
    eggs: fc.integer({ min: 0, max: 6000 }),
    larvae: fc.integer({ min: 0, max: 12_000 }),
    sealed: fc.integer({ min: 0, max: 24_000 }),
    freeCells: fc.integer({ min: 0, max: 30_000 }),
    storeCells: fc.integer({ min: 0, max: 30_000 }),
    honeyKg: fc.integer({ min: 5, max: 30 }),
    rate: fc.integer({ min: 800, max: 2200 }),
    year: fc.constantFrom<1 | 2 | 3>(1, 2, 3),
    cell: fc.option(fc.integer({ min: 0, max: 12 })),
  })
  .map(({ rate, year, cell, ...colony }) => ({
    ...colony,
    queen: { layingPerDay: rate, year },
    oldestCellLaid: cell === null ? null : { from: addDays(FROM, -cell - 1), to: addDays(FROM, -cell) },
  }));
