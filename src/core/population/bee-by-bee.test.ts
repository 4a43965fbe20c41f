import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { addDays } from '../calendar/day';
import type { ColonyNow } from './asked';
import { choose, FROM, reckon } from './testing';

/** A handful of bees on a handful of cells, so that each of them can be followed. */
const HANDFUL: ColonyNow = {
  bees: 300,
  eggs: 30,
  larvae: 60,
  sealed: 120,
  freeCells: 120,
  storeCells: 270,
  honeyKg: 1,
  queen: { layingPerDay: 12, year: 3 },
  oldestCellLaid: null,
};
const DAYS = 40;
const RUNS = tries(10_000);

interface Followed {
  readonly adults: number[];
  readonly brood: number[];
  readonly hasSwarmed: boolean;
}

/** The same season once more, told plainly: one bee and one cell after another, each with a lot of its own. */
function followed(chance: () => number): Followed {
  const brood: number[] = [];
  const spread = (count: number, from: number, to: number) => {
    for (let n = 0; n < count; n++) brood.push(from + (n % (to - from)));
  };
  spread(30, 0, 3);
  spread(60, 3, 9);
  spread(120, 9, 21);
  let bees: boolean[] = Array.from({ length: 300 }, (_, n) => n % 3 === 0);
  let cells = brood;
  let prepares: number | null = null;
  let hasSwarmed = false;
  let eaten = 0;
  const casts: number[] = [];
  /** Each bee goes or stays; how many go lies about the middle of a span. */
  const leave = (least: number, wide: number) => {
    const u = chance();
    const share = least + wide * (u < 0.5 ? Math.sqrt(u / 2) : 1 - Math.sqrt((1 - u) / 2));
    bees = bees.filter(() => chance() >= share);
  };
  /** 15, 16 or 17 days, the middle one most often. */
  const emergence = () => {
    const u = chance();
    return Math.min(17, Math.max(15, Math.round(14.5 + 3 * (u < 0.5 ? Math.sqrt(u / 2) : 1 - Math.sqrt((1 - u) / 2)))));
  };
  const adults = [bees.length];
  const broods = [cells.length];
  for (let today = 0; today < DAYS; today++) {
    const flying = bees.filter((flies) => flies).length;
    const out = Math.max(0, 0.25 - (0.75 * flying) / Math.max(1, bees.length));
    const next: boolean[] = [];
    for (const flies of bees) {
      if (flies) {
        if (chance() >= 0.1) next.push(true);
        continue;
      }
      const lot = chance();
      if (lot < 0.005) continue;
      next.push(lot < 0.005 + out);
    }
    const left: number[] = [];
    for (const age of cells) {
      const lives = age < 3 ? 0.94 ** (1 / 3) : age < 9 ? 0.88 ** (1 / 6) : 0.98 ** (1 / 12);
      if (chance() >= lives) continue;
      if (age === 20) next.push(false);
      else left.push(age + 1);
    }
    bees = next;
    cells = left;
    // A kilogram is more than they eat; what they eat frees cells in the brood box first.
    const larvae = cells.filter((age) => age >= 3 && age < 9).length;
    eaten += (0.009 * bees.length + 0.024 * larvae) / 0.43;
    const free = () => HANDFUL.freeCells + 210 + Math.min(270, eaten) - cells.length;
    const house = bees.filter((flies) => !flies).length;
    const laid = hasSwarmed ? 0 : Math.min(12, Math.max(0, free()), house / 6);
    const whole = Math.floor(laid) + (chance() < laid - Math.floor(laid) ? 1 : 0);
    for (let n = 0; n < whole; n++) cells.push(0);
    const byBees = Math.min(1, Math.max(0, (bees.length / 600 - 0.3) / 0.25));
    const short = Math.min(1, Math.max(0, 1 - free() / 84));
    if (!hasSwarmed && prepares === null && chance() < (0.05 * 2 * (byBees + short)) / 2) prepares = today;
    if (!hasSwarmed && prepares !== null && today >= prepares + 8 && chance() < 0.7) {
      leave(0.6, 0.15);
      hasSwarmed = true;
      for (let out = Math.max(today + 1, prepares + emergence()); casts.length < 3 && chance() < 1 / 3; out += 2)
        casts.push(out);
    }
    if (casts.includes(today)) leave(0.3, 0.2);
    adults.push(bees.length);
    broods.push(cells.length);
  }
  return { adults, brood: broods, hasSwarmed };
}

const mean = (numbers: readonly number[]): number => numbers.reduce((sum, one) => sum + one, 0) / numbers.length;

it('comes to the same as following each bee and each cell, over thousands of runs', () => {
  const numbers = xoroshiro128plus(20270510);
  const chance = () => uniformFloat64(numbers);
  const all = Array.from({ length: RUNS }, () => followed(chance));
  const swarmed = mean(all.map(({ hasSwarmed }) => Number(hasSwarmed)));
  const sums = { adults: new Float64Array(DAYS + 1), brood: new Float64Array(DAYS + 1) };
  const outcome = reckon(
    choose('nothing'),
    {
      colony: HANDFUL,
      runs: RUNS,
      days: DAYS,
      flow: [],
      matingSuccess: 0,
      season: { from: FROM, to: addDays(FROM, DAYS) },
    },
    {
      onDay: (index, units) => {
        for (const unit of units) {
          sums.adults[index] = (sums.adults[index] as number) + unit.house + unit.flyers;
          for (const cells of unit.below) sums.brood[index] = (sums.brood[index] as number) + cells;
        }
      },
    },
  );
  expect(swarmed).toBeGreaterThan(0.2);
  expect(swarmed).toBeLessThan(0.95);
  expect(Math.abs(outcome.swarmLost - swarmed)).toBeLessThan(0.03);
  for (const day of [5, 10, 20, 30, 40]) {
    for (const what of ['adults', 'brood'] as const) {
      const [ours, theirs] = [(sums[what][day] as number) / RUNS, mean(all.map((one) => one[what][day] as number))];
      expect(Math.abs(ours / theirs - 1), `${what} on day ${day}: ${ours} and ${theirs}`).toBeLessThan(0.03);
    }
  }
});
