import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, day } from '../calendar/day';
import { METHODS, methodNamed } from '../methods/methods';
import { THINGS, type Thing } from '../methods/thing';
import { CAR, HOME, type KitEntry } from './kit-entry';
import { type Need, needsOfWork, spareNuc } from './needs';
import { packingList } from './packing';
import { type KitRound, meetNeeds } from './shortages';
import { stockOf } from './stock';
import { carried, counted } from './testing';

const SUN = day('2027-05-16');
const NUC: Need = {
  apiaryId: 'orchard',
  on: addDays(SUN, 4),
  wanted: { of: ['nuc-box'], count: 1 },
  because: { kind: 'method', method: 'nuc-swarm', isDecided: true, colonyId: 'x' },
  isShared: false,
};
const counts = (list: readonly (readonly [place: string, thing: Thing, count: number])[]) =>
  stockOf(
    list.map(([to, thing, count]) => counted('2027-05-15T10:00', to, thing, count)),
    [],
  );
const round = (n: number, apiaryId: string): KitRound => ({ on: addDays(SUN, n), apiaryId });
const asked = (
  stock: ReturnType<typeof counts>,
  rounds: readonly KitRound[] = [],
  suspected: readonly string[] = [],
) => ({ stock, rounds, apiaries: ['orchard', 'quarry', 'roof'], suspected: new Set(suspected) });

describe('from where a need is met', () => {
  it('is met by what lies there', () => {
    const [met] = meetNeeds(
      [NUC],
      asked(
        counts([
          ['orchard', 'nuc-box', 2],
          [HOME, 'nuc-box', 1],
        ]),
      ),
    );
    expect(met).toMatchObject({ there: [{ thing: 'nuc-box', count: 1 }], fetched: [], missing: 0 });
  });

  it('comes from the car, then from home, then from another apiary', () => {
    const from = (...places: string[]) =>
      meetNeeds([NUC], asked(counts(places.map((place) => [place, 'nuc-box', 1] as const))))[0]?.fetched.map(
        (one) => one.from,
      );
    expect(from('quarry', HOME, CAR)).toEqual([CAR]);
    expect(from('quarry', HOME)).toEqual([HOME]);
    expect(from('quarry')).toEqual(['quarry']);
  });

  it('comes from home with the last round there up to its day; with none it has no way', () => {
    const stock = counts([[HOME, 'nuc-box', 1]]);
    const along = (...rounds: KitRound[]) => meetNeeds([NUC], asked(stock, rounds))[0]?.fetched[0]?.comesAlong;
    expect(along(round(1, 'orchard'), round(4, 'orchard'), round(6, 'orchard'))).toEqual(round(4, 'orchard'));
    expect(along(round(1, 'orchard'), round(6, 'orchard'))).toEqual(round(1, 'orchard'));
    expect(along(round(6, 'orchard'), round(2, 'quarry'))).toBeNull();
  });

  it('from another apiary it is fetched on a round before, or on the way on the same day', () => {
    const stock = counts([['quarry', 'nuc-box', 1]]);
    const way = (...rounds: KitRound[]) => meetNeeds([NUC], asked(stock, rounds))[0]?.fetched[0];
    expect(way(round(0, 'quarry'), round(2, 'quarry'), round(4, 'orchard'))).toMatchObject({
      pickedUp: round(2, 'quarry'),
      comesAlong: round(4, 'orchard'),
    });
    expect(way(round(4, 'orchard'), round(4, 'quarry'))).toMatchObject({
      pickedUp: round(4, 'quarry'),
      comesAlong: round(4, 'orchard'),
    });
    // Only after the earlier of two rounds could it be fetched for the later.
    expect(way(round(1, 'orchard'), round(2, 'quarry'), round(4, 'orchard'))?.comesAlong).toEqual(round(4, 'orchard'));
    expect(way(round(1, 'orchard'), round(2, 'quarry'))?.comesAlong).toBeNull();
  });

  it('nothing is lent from an apiary under suspicion of brood disease, nor from one that needs it itself', () => {
    const stock = counts([['quarry', 'nuc-box', 1]]);
    expect(meetNeeds([NUC], asked(stock, [], ['quarry']))[0]).toMatchObject({
      fetched: [],
      missing: 1,
      isUncounted: false,
    });
    const own = { ...NUC, apiaryId: 'quarry', on: addDays(SUN, 9) };
    expect(meetNeeds([NUC, own], asked(stock)).map(({ missing }) => missing)).toEqual([1, 0]);
  });

  it('a use comes before what is only to be in hand', () => {
    const stock = counts([['orchard', 'nuc-box', 1]]);
    const met = meetNeeds([...spareNuc('orchard', SUN), NUC], asked(stock));
    const missing = (kind: string) =>
      met.filter(({ need }) => need.because.kind === kind && need.wanted.of[0] === 'nuc-box').map((one) => one.missing);
    expect([missing('method'), missing('spare-nuc')]).toEqual([[0], [1]]);
  });

  it('frames of one kind fill up those of another', () => {
    const frames: Need = { ...NUC, wanted: { of: ['drawn-comb', 'foundation'], count: 5 } };
    const stock = counts([
      ['orchard', 'drawn-comb', 2],
      ['orchard', 'foundation', 1],
      [HOME, 'foundation', 9],
    ]);
    expect(meetNeeds([frames], asked(stock))[0]).toMatchObject({
      there: [
        { thing: 'drawn-comb', count: 2 },
        { thing: 'foundation', count: 1 },
      ],
      fetched: [{ thing: 'foundation', count: 2, from: HOME }],
      missing: 0,
    });
  });

  it('what was packed for one apiary is not given to another, until it is used or the car is counted', () => {
    const [first, pack] = [
      counted('2027-05-15T08:00', HOME, 'nuc-box', 1),
      carried('2027-05-16T08:00', HOME, CAR, 'nuc-box', 1, 'roof'),
    ];
    const roof = { ...NUC, apiaryId: 'roof', on: addDays(SUN, 9) };
    const met = (...more: KitEntry[]) =>
      meetNeeds([NUC, roof], asked(stockOf([first, pack, ...more], []))).map(({ missing }) => missing);
    expect(met()).toEqual([1, 0]);
    const emptied = counted('2027-05-16T09:00', CAR, 'nuc-box', 0);
    expect(met(emptied, carried('2027-05-16T10:00', null, CAR, 'nuc-box', 1))).toEqual([0, 1]);
  });

  it('never counted is told from none left', () => {
    expect(meetNeeds([NUC], asked(counts([])))[0]).toMatchObject({ missing: 1, isUncounted: true });
    expect(meetNeeds([NUC], asked(counts([[HOME, 'nuc-box', 0]])))[0]).toMatchObject({
      missing: 1,
      isUncounted: false,
    });
  });

  it('one marking pen does for a whole round', () => {
    const work = (colonyId: string, n: number) =>
      needsOfWork({ colonyId, apiaryId: 'orchard', on: addDays(SUN, n), code: 'eggs', method: null }, 'pen-yellow');
    const met = meetNeeds(
      [...work('a', 1), ...work('b', 1), ...work('c', 2)],
      asked(counts([[HOME, 'pen-yellow', 2]])),
    );
    expect(met.map(({ need, fetched }) => [need.on - SUN, fetched[0]?.count])).toEqual([
      [1, 1],
      [2, 1],
    ]);
  });
});

describe('needs', () => {
  it.each(METHODS.map(({ name }) => name))('of %s are its kit, whatever is counted of it', (name) => {
    const work = {
      colonyId: 'x',
      apiaryId: 'orchard',
      on: SUN,
      code: 'act',
      method: { name, isDecided: true },
    } as const;
    const needs = needsOfWork(work, 'pen-yellow');
    const brings = methodNamed(name).kit.flatMap((item) => item.brings);
    expect(needs.map(({ wanted }) => wanted)).toEqual(brings.map(({ of, count }) => ({ of, count })));
    expect(needs.every(({ wanted: { of, count } }) => count > 0 && of.every((thing) => THINGS.includes(thing)))).toBe(
      true,
    );
  });

  it('nothing is promised twice, and what is needed is there, comes, or is missing', () => {
    const place = fc.constantFrom('orchard', 'quarry', 'roof', HOME, CAR);
    const thing = fc.constantFrom<Thing>('nuc-box', 'drawn-comb', 'foundation', 'super');
    const need = fc
      .record({
        apiaryId: fc.constantFrom('orchard', 'quarry', 'roof'),
        n: fc.nat({ max: 13 }),
        of: fc.uniqueArray(thing, { minLength: 1, maxLength: 2 }),
        count: fc.integer({ min: 1, max: 5 }),
        isSpare: fc.boolean(),
      })
      .map(
        ({ apiaryId, n, of, count, isSpare }): Need => ({
          apiaryId,
          on: addDays(SUN, n),
          wanted: { of, count },
          because: isSpare ? { kind: 'spare-nuc' } : NUC.because,
          isShared: false,
        }),
      );
    const stock = fc.uniqueArray(fc.tuple(place, thing, fc.nat({ max: 4 })), {
      selector: ([at, what]) => `${at} ${what}`,
    });
    const rounds = fc
      .array(fc.tuple(fc.nat({ max: 13 }), fc.constantFrom('orchard', 'quarry', 'roof')), { maxLength: 8 })
      .map((list) => list.map(([n, id]) => round(n, id)).sort((a, b) => a.on - b.on));
    fc.assert(
      fc.property(
        fc.array(need, { maxLength: 8 }),
        stock,
        rounds,
        fc.boolean(),
        (needs, counted, made, isSuspected) => {
          const lying = counts(counted);
          const met = meetNeeds(needs, asked(lying, made, isSuspected ? ['quarry'] : []));
          const used = new Map<string, number>();
          const use = (at: string, what: Thing, count: number) =>
            used.set(`${at} ${what}`, (used.get(`${at} ${what}`) ?? 0) + count);
          for (const { need: one, there, fetched, missing } of met) {
            for (const part of there) use(one.apiaryId, part.thing, part.count);
            for (const part of fetched) {
              use(part.from, part.thing, part.count);
              expect(part.from).not.toBe(one.apiaryId);
              if (isSuspected) expect(part.from).not.toBe('quarry');
              if (part.comesAlong) {
                expect(part.comesAlong.apiaryId).toBe(one.apiaryId);
                if (one.because.kind !== 'spare-nuc') expect(part.comesAlong.on).toBeLessThanOrEqual(one.on);
                if (part.pickedUp) expect(part.pickedUp.on).toBeLessThanOrEqual(part.comesAlong.on);
              }
            }
            const sum = [...there, ...fetched].reduce((total, { count }) => total + count, missing);
            expect(sum).toBe(one.wanted.count);
          }
          for (const [name, count] of used) {
            const [at = '', what = ''] = name.split(' ');
            expect(count).toBeLessThanOrEqual(lying.lying(at, what as Thing).count);
          }
          // What comes along stands on exactly one packing list, with all of its count.
          const lists = made.map((one) => packingList(met, one));
          const packed = new Set(made.map((one) => `${one.on} ${one.apiaryId}`)).size === made.length ? lists : [];
          if (packed.length > 0) {
            const onLists = packed
              .flatMap(({ toPack, inCar }) => [...toPack, ...inCar])
              .reduce((n, { count }) => n + count, 0);
            const comes = met.flatMap(({ fetched }) => fetched).filter(({ comesAlong }) => comesAlong !== null);
            expect(onLists).toBe(comes.reduce((n, { count }) => n + count, 0));
          }
        },
      ),
      { numRuns: 400, seed: 20270516 },
    );
  });
});
