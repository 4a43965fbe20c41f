import { addDays, type Day, day } from '../calendar/day';
import type { ColonyNow } from '../population/asked';
import { MATING_SUCCEEDS } from '../population/figures';
import { drawsOf } from '../practice/stream';
import type { Case, CaseColony, CaseName } from './case';

/** Cells of ten frames of a brood box, as it is reckoned with. */
const FRAME = 5000;
/** Of the brood so much is eggs, open larvae and sealed: as many days as each lasts. */
const SHARES = { eggs: 3 / 21, larvae: 6 / 21, sealed: 12 / 21 };

interface Strength {
  readonly bees: number;
  readonly broodFrames: number;
  readonly frames: number;
  readonly storeFrames: number;
  readonly honeyKg: number;
  readonly layingPerDay: number;
  readonly year: 1 | 2 | 3;
}

const BROOD_FRAME = 3500;

function standing({ bees, broodFrames, frames, storeFrames, honeyKg, layingPerDay, year }: Strength): ColonyNow {
  const brood = broodFrames * BROOD_FRAME;
  const of = (share: number) => Math.round(brood * share);
  const storeCells = storeFrames * FRAME;
  return {
    bees,
    eggs: of(SHARES.eggs),
    larvae: of(SHARES.larvae),
    sealed: of(SHARES.sealed),
    storeCells,
    freeCells: Math.max(0, frames * FRAME - brood - storeCells),
    honeyKg,
    queen: { layingPerDay, year },
    oldestCellLaid: null,
  };
}

const STRONG: Strength = {
  bees: 24_000,
  broodFrames: 7.5,
  frames: 10,
  storeFrames: 2,
  honeyKg: 10,
  layingPerDay: 1500,
  year: 2,
};

/** Names of hives: weeds and trees, none of them a name of the demo's book. */
const HIVES = ['Sorrel', 'Bramble', 'Willowherb', 'Knapweed', 'Rowan', 'Alder', 'Dogrose', 'Spindle'] as const;

const colony = (id: string, name: string, now: ColonyNow, stand = ''): CaseColony => ({ id, name, stand, now });

/** The days of an ordinary case, from its first day on. */
function ordinary(from: Day): Pick<Case, 'from' | 'days' | 'season' | 'flow' | 'mainFlow' | 'matingSuccess'> {
  const mainFlow = { from: addDays(from, 35), to: addDays(from, 63) };
  return {
    from,
    days: 105,
    season: { from: addDays(from, -5), to: addDays(from, 75) },
    flow: [
      { from: addDays(from, -20), to: addDays(from, 120), kgPerDay: 0.6 },
      { ...mainFlow, kgPerDay: 1.4 },
    ],
    mainFlow,
    matingSuccess: MATING_SUCCEEDS.value,
  };
}

type Made = Omit<Case, 'name'>;

const NAMED: { readonly [N in CaseName]: (year: number) => Made } = {
  'full-in-may': (year) => ({
    ...ordinary(day(`${year}-05-01`)),
    seed: 4_101,
    colonies: [colony('h1', 'Sorrel', standing({ ...STRONG, bees: 27_000, broodFrames: 8 }))],
  }),
  'third-summer': (year) => ({
    ...ordinary(day(`${year}-04-28`)),
    seed: 4_202,
    colonies: [colony('h1', 'Bramble', standing({ ...STRONG, year: 3, layingPerDay: 1450 }))],
  }),
  'begun-already': (year) => ({
    ...ordinary(day(`${year}-05-12`)),
    seed: 4_303,
    colonies: [
      colony('h1', 'Willowherb', {
        ...standing(STRONG),
        oldestCellLaid: { from: day(`${year}-05-08`), to: day(`${year}-05-08`) },
      }),
    ],
  }),
  'thin-spring': (year) => ({
    ...ordinary(day(`${year}-04-20`)),
    flow: [
      { from: day(`${year}-04-20`), to: day(`${year}-05-10`), kgPerDay: 0.25 },
      { from: day(`${year}-05-11`), to: day(`${year}-06-30`), kgPerDay: 1.6 },
      { from: day(`${year}-07-01`), to: day(`${year}-08-31`), kgPerDay: 0.4 },
    ],
    mainFlow: { from: day(`${year}-05-11`), to: day(`${year}-06-30`) },
    seed: 4_404,
    colonies: [colony('h1', 'Knapweed', standing({ ...STRONG, bees: 17_000, broodFrames: 6, honeyKg: 14 }))],
  }),
  'flow-coming': (year) => ({
    ...ordinary(day(`${year}-05-08`)),
    mainFlow: { from: day(`${year}-05-20`), to: day(`${year}-06-24`) },
    flow: [
      { from: day(`${year}-05-01`), to: day(`${year}-08-31`), kgPerDay: 0.6 },
      { from: day(`${year}-05-20`), to: day(`${year}-06-24`), kgPerDay: 2 },
    ],
    seed: 4_505,
    colonies: [colony('h1', 'Rowan', standing({ ...STRONG, bees: 29_000, broodFrames: 8.5 }))],
  }),
  'three-in-a-row': (year) => ({
    ...ordinary(day(`${year}-05-01`)),
    seed: 4_606,
    colonies: [
      colony('h1', 'Alder', standing(STRONG), 'left'),
      colony('h2', 'Dogrose', standing({ ...STRONG, year: 3, bees: 22_000 }), 'middle'),
      colony('h3', 'Spindle', standing({ ...STRONG, year: 1, bees: 26_000, broodFrames: 8 }), 'right'),
    ],
  }),
};

/** One of the cases that go by a name, in a year. */
export const namedCase = (name: CaseName, year: number): Case => ({ name, ...NAMED[name](year) });

/** A case by its seed alone: a strong colony with a queen of last year or older, in some year's May. The same one for the same seed. */
export function caseOfSeed(seed: number, year: number): Case {
  const draws = drawsOf(seed, 'case');
  const from = addDays(day(`${year}-04-25`), draws.whole(0, 18));
  const broodFrames = Math.round(draws.between(7, 8.5) * 2) / 2;
  return {
    name: null,
    ...ordinary(from),
    seed,
    colonies: [
      colony(
        'h1',
        draws.oneOf(HIVES),
        standing({
          ...STRONG,
          bees: 500 * draws.whole(44, 60),
          broodFrames,
          layingPerDay: 50 * draws.whole(28, 34),
          year: draws.happens(0.6) ? 2 : 3,
        }),
      ),
    ],
  };
}
