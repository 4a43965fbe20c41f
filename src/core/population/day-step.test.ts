import { describe, expect, it } from 'vitest';
import { DEFAULT_SETTINGS } from '../settings/settings';
import { USUAL_ASSUMED } from './assumed';
import { dayStep, goOut, survivalByAge } from './day-step';
import { courseOf, run } from './run';
import { ASKED, choose, NO_DEATHS } from './testing';
import { adultsOf, BROOD_DAYS, broodOf, FIRST_LARVA, FIRST_SEALED, sumOf, type Unit } from './unit';

/** A hive in the middle of a run, to be stepped by hand. */
function aHive(over: Partial<Unit> = {}): Unit {
  const asked = { ...ASKED, days: 1 };
  const hive = run(courseOf(asked, choose('nothing'), DEFAULT_SETTINGS), 0).units[0] as Unit;
  return { ...hive, ...over };
}
const laying = (rate: number) => ({ kind: 'laying', rate, year: 2 }) as const;
const MUCH = { honeyOver: 1_000_000, cellsInSupers: 1_000_000, cellsBelow: 200_000 };

describe('a day of a hive', () => {
  it('has a steady queen’s brood as three, six and twelve of a day’s laying, where nothing dies', () => {
    const hive = aHive({ ...MUCH, queen: laying(1000), house: 60_000 });
    const survival = survivalByAge(NO_DEATHS);
    for (let n = 0; n < BROOD_DAYS; n++) dayStep(hive, 0, NO_DEATHS, survival);
    expect(sumOf(hive.below, 0, FIRST_LARVA)).toBeCloseTo(3000);
    expect(sumOf(hive.below, FIRST_LARVA, FIRST_SEALED)).toBeCloseTo(6000);
    expect(sumOf(hive.below, FIRST_SEALED)).toBeCloseTo(12_000);
  });

  it('loses no bee and makes none, where nothing dies', () => {
    const hive = aHive({ ...MUCH, queen: laying(1400) });
    const before = adultsOf(hive) + broodOf(hive);
    const survival = survivalByAge(NO_DEATHS);
    let laid = 0;
    for (let n = 0; n < 90; n++) laid += dayStep(hive, 1, NO_DEATHS, survival).laid;
    expect(adultsOf(hive) + broodOf(hive)).toBeCloseTo(before + laid, 3);
  });

  it('of brood comes through so much of each stage', () => {
    const survival = survivalByAge(USUAL_ASSUMED);
    const through = (from: number, to: number) => survival.slice(from, to).reduce((share, a) => share * a, 1);
    expect(through(0, FIRST_LARVA)).toBeCloseTo(0.94);
    expect(through(FIRST_LARVA, FIRST_SEALED)).toBeCloseTo(0.88);
    expect(through(FIRST_SEALED, BROOD_DAYS)).toBeCloseTo(0.98);
  });

  it('lays no more than there are cells, and than the nurses can feed', () => {
    const survival = survivalByAge(USUAL_ASSUMED);
    const laidBy = (over: Partial<Unit>) =>
      dayStep(aHive({ ...MUCH, queen: laying(1600), ...over }), 0, USUAL_ASSUMED, survival).laid;
    expect(laidBy({ house: 60_000 })).toBe(1600);
    // With the 1,400 who emerge that day.
    expect(laidBy({ house: 1200, flyers: 600 })).toBeLessThan((1200 + 1400) / 6 + 1);
    expect(laidBy({ house: 1200, flyers: 600 })).toBeGreaterThan(1200 / 6);
    expect(laidBy({ house: 60_000, cellsBelow: 0 })).toBe(0);
    expect(laidBy({ queen: { kind: 'none' } })).toBe(0);
  });

  it('out of honey loses a fifth of its bees and its open brood', () => {
    const hive = aHive({ honeyBelow: 0, honeyOver: 0, flyers: 0, house: 10_000 });
    const sealed = sumOf(hive.below, FIRST_SEALED);
    dayStep(hive, 0, USUAL_ASSUMED, survivalByAge(USUAL_ASSUMED));
    expect(hive.hasStarved).toBe(true);
    expect(sumOf(hive.below, 0, FIRST_SEALED)).toBe(0);
    expect(sumOf(hive.below)).toBeLessThan(sealed);
    expect(adultsOf(hive)).toBeLessThan(0.85 * (10_000 + sealed / 12 + 2000));
  });

  it('brings in the flow by how many fly, and no more than there are cells for', () => {
    const kg = (hive: Unit) => ((hive.honeyBelow + hive.honeyOver) * 0.43) / 1000;
    const survival = survivalByAge(NO_DEATHS);
    const roomy = aHive({ house: 0, flyers: 10_000, queen: { kind: 'none' }, honeyOver: 0, cellsInSupers: 50_000 });
    roomy.below.fill(0);
    const before = kg(roomy);
    dayStep(roomy, 2, NO_DEATHS, survival);
    // 10,000 bees eat 90 g of it.
    expect(kg(roomy) - before).toBeCloseTo(1.91, 2);
    const full = aHive({ queen: { kind: 'none' }, honeyOver: 0, cellsInSupers: 0 });
    full.cellsBelow = sumOf(full.below) + full.honeyBelow + full.pollen;
    full.below.fill(0, 0, BROOD_DAYS);
    full.cellsBelow = full.honeyBelow + full.pollen;
    const there = kg(full);
    dayStep(full, 5, NO_DEATHS, survival);
    expect(kg(full)).toBeCloseTo(there);
  });
});

describe('without chance', () => {
  it('the days follow the equations of a colony’s population within a hundredth', () => {
    // dH/dt = emerging - H (0.25 - 0.75 F/(H+F)) - 0.005 H; dF/dt = H (0.25 - 0.75 F/(H+F)) - 0.10 F; by steps of a thousandth of a day.
    const EMERGING = 1200;
    let [h, f] = [14_000, 7000];
    const hive = aHive({ ...MUCH, queen: { kind: 'none' }, house: h, flyers: f });
    const survival = survivalByAge(NO_DEATHS);
    for (let n = 1; n <= 80; n++) {
      for (let step = 0; step < 1000; step++) {
        const out = h * Math.max(0, 0.25 - (0.75 * f) / (h + f));
        [h, f] = [h + (EMERGING - out - 0.005 * h) / 1000, f + (out - 0.1 * f) / 1000];
      }
      hive.below[BROOD_DAYS - 1] = EMERGING;
      dayStep(hive, 0, USUAL_ASSUMED, survival);
      if (n % 10 === 0) {
        expect(Math.abs(adultsOf(hive) / (h + f) - 1), `adults on day ${n}`).toBeLessThan(0.01);
        expect(Math.abs(hive.house / h - 1), `house bees on day ${n}`).toBeLessThan(0.01);
        expect(Math.abs(hive.flyers / f - 1), `flying bees on day ${n}`).toBeLessThan(0.01);
      }
    }
  });

  it('nobody begins to fly where a third flies already', () => {
    expect(goOut(20_000, 10_000)).toBeCloseTo(0);
    expect(goOut(10_000, 20_000)).toBe(0);
    expect(goOut(10_000, 0)).toBe(2500);
    expect(goOut(0, 0)).toBe(0);
  });
});
