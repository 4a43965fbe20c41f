import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../scripts/lib/how-often';
import { addDays, day, formatDay } from '../calendar/day';
import { METHODS } from '../methods/methods';
import { THINGS, type Thing } from '../methods/thing';
import { aBox, aHive } from '../space/testing';
import { CAR, HOME, type KitEntry } from './kit-entry';
import { type KitColony, type KitProgramme, kitUses } from './kit-use';
import { stockOf } from './stock';
import { carried, counted } from './testing';

const MAY = day('2027-05-01');
const colony = (id: string, with_: Partial<KitColony> = {}): KitColony => ({
  id,
  ended: null,
  apiaryOn: () => 'orchard',
  surveys: [],
  ...with_,
});
const nucSwarm = (with_: Partial<KitProgramme> = {}): KitProgramme => ({
  method: 'nuc-swarm',
  at: '2027-05-10T14:00',
  on: day('2027-05-10'),
  colonyId: 'hive',
  newColonyId: 'nuc',
  over: null,
  ...with_,
});
/** A brood box with so many supers, seen at two in the afternoon. */
const survey = (on: string, supers: number) => ({
  at: `${on}T14:00`,
  on: day(on),
  hive: aHive(
    aBox('b1', 'BBBBBBBBBB'),
    ...Array.from({ length: supers }, (_, i) => aBox(`s${i}`, 'EEEEEEEEEE', { role: 'super' })),
  ),
});
const lies = (entries: readonly KitEntry[], uses = kitUses([], [])) => {
  const { lying } = stockOf(entries, uses);
  return (place: string, thing: Thing) => lying(place, thing).count;
};

describe('what lies where', () => {
  it('never counted, and counted and none there, are two things', () => {
    const { lying } = stockOf([counted('2027-05-01T10:00', HOME, 'super', 0)], []);
    expect(lying(HOME, 'super')).toEqual({ count: 0, countedAt: '2027-05-01T10:00', frozenSince: null });
    expect(lying(CAR, 'super')).toEqual({ count: 0, countedAt: null, frozenSince: null });
  });

  it('a count sets right what was reckoned, whatever order it was entered in', () => {
    const first = counted('2027-05-01T10:00', HOME, 'super', 5);
    const gone = carried('2027-05-02T10:00', HOME, CAR, 'super', 2);
    const again = counted('2027-05-03T10:00', HOME, 'super', 4);
    for (const order of [
      [first, gone, again],
      [again, gone, first],
      [gone, again, first],
    ]) {
      const at = lies(order);
      expect([at(HOME, 'super'), at(CAR, 'super')]).toEqual([4, 2]);
    }
  });

  it('a method takes its kit from the apiary, then from the car, and the rest from nowhere that is known', () => {
    const entries = [
      counted('2027-05-01T10:00', 'orchard', 'drawn-comb', 3),
      counted('2027-05-01T10:00', CAR, 'drawn-comb', 1),
      counted('2027-05-01T10:00', 'orchard', 'foundation', 0),
      counted('2027-05-01T10:00', 'orchard', 'nuc-box', 1),
    ];
    const { lying, overdrawn } = stockOf(entries, kitUses([nucSwarm()], [colony('hive'), colony('nuc')]));
    expect(lying('orchard', 'nuc-box').count).toBe(0);
    expect(lying('orchard', 'drawn-comb').count).toBe(0);
    expect(lying(CAR, 'drawn-comb').count).toBe(0);
    // Five frames went in, four of them are accounted for; nobody counted feeders, so of them nothing is told.
    expect(overdrawn).toEqual([{ place: 'orchard', thing: 'drawn-comb', count: 1 }]);
  });

  it('the nuc box comes free where its colony stood when it ended, the feeder where its method is over', () => {
    const entries = [
      counted('2027-05-01T10:00', 'orchard', 'nuc-box', 1),
      counted('2027-05-01T10:00', 'orchard', 'feeder', 1),
    ];
    const uses = (endedOn: string | null, overOn: string | null) =>
      kitUses(
        [nucSwarm({ over: overOn === null ? null : { on: day(overOn), at: null } })],
        [
          colony('hive'),
          colony('nuc', {
            ended: endedOn === null ? null : { on: day(endedOn), at: null },
            apiaryOn: (on) => (on < day('2027-05-20') ? 'orchard' : 'quarry'),
          }),
        ],
      );
    const during = lies(entries, uses(null, null));
    expect([during('orchard', 'nuc-box'), during('orchard', 'feeder')]).toEqual([0, 0]);
    const then = lies(entries, uses('2027-06-02', '2027-05-25'));
    expect([then('orchard', 'nuc-box'), then('quarry', 'nuc-box'), then('orchard', 'feeder')]).toEqual([0, 1, 1]);
  });

  it('a box that came free at noon is in the count of the evening, and not once more at midnight', () => {
    const uses = kitUses(
      [nucSwarm()],
      [colony('hive'), colony('nuc', { ended: { on: day('2027-06-02'), at: '2027-06-02T12:00' } })],
    );
    const evening = counted('2027-06-02T18:00', 'orchard', 'nuc-box', 3);
    expect(lies([evening], uses)('orchard', 'nuc-box')).toBe(3);
    const morning = counted('2027-06-02T09:00', 'orchard', 'nuc-box', 3);
    expect(lies([morning], uses)('orchard', 'nuc-box')).toBe(4);
  });

  it('a super given with the answer to its check is taken once, whether it is seen on the hive afterwards or not', () => {
    const answer = {
      at: '2027-05-10T14:00',
      on: day('2027-05-10'),
      colonyId: 'hive',
      code: 'supers-check',
      answer: 'another',
    } as const;
    const entries = [counted('2027-05-01T10:00', 'orchard', 'super', 3)];
    const left = (...surveys: ReturnType<typeof survey>[]) =>
      lies(entries, kitUses([], [colony('hive', { surveys })], [answer]))('orchard', 'super');
    expect(left()).toBe(2);
    expect(left(survey('2027-05-05', 1), survey('2027-05-10', 2))).toBe(2);
    expect(lies(entries, kitUses([], [colony('hive')], [{ ...answer, answer: 'in-order' }]))('orchard', 'super')).toBe(
      3,
    );
  });

  it('what lay frozen still does when it is counted again, until none is left', () => {
    const frozen = { ...counted('2027-03-01T10:00', HOME, 'frozen-stores', 4), frozenSince: day('2026-11-03') };
    const since = (count: number) =>
      stockOf([frozen, counted('2027-04-01T10:00', HOME, 'frozen-stores', count)], []).lying(HOME, 'frozen-stores')
        .frozenSince;
    expect([since(3), since(0)]).toEqual([day('2026-11-03'), null]);
  });

  it('a count made after the start stands: what was taken is not taken twice', () => {
    const at = lies(
      [counted('2027-05-10T18:00', 'orchard', 'nuc-box', 2)],
      kitUses([nucSwarm()], [colony('hive'), colony('nuc')]),
    );
    expect(at('orchard', 'nuc-box')).toBe(2);
  });

  it('boxes put on and taken off go from the store and back; what stood there at the first look came from none', () => {
    const entries = [counted('2027-05-01T10:00', 'orchard', 'super', 3)];
    const at = (...surveys: ReturnType<typeof survey>[]) => lies(entries, kitUses([], [colony('hive', { surveys })]));
    expect(at(survey('2027-05-05', 1))('orchard', 'super')).toBe(3);
    expect(at(survey('2027-05-05', 1), survey('2027-05-12', 3))('orchard', 'super')).toBe(1);
    expect(at(survey('2027-05-05', 1), survey('2027-05-12', 3), survey('2027-07-20', 0))('orchard', 'super')).toBe(4);
  });

  it('a super put on by its method and then seen on the hive is taken once', () => {
    const started: KitProgramme = { ...nucSwarm(), method: 'add-super', newColonyId: null };
    const hive = colony('hive', { surveys: [survey('2027-05-05', 0), survey('2027-05-10', 1)] });
    const at = lies([counted('2027-05-01T10:00', 'orchard', 'super', 3)], kitUses([started], [hive]));
    expect(at('orchard', 'super')).toBe(2);
  });
});

describe('whatever happens in a season', () => {
  const places = [HOME, CAR, 'orchard', 'quarry'];
  const minute = fc
    .tuple(fc.nat({ max: 90 }), fc.nat({ max: 23 }))
    .map(([n, hour]) => `${formatDay(addDays(MAY, n))}T${String(hour).padStart(2, '0')}:00`);
  const entry = fc.oneof(
    fc
      .record({
        at: minute,
        to: fc.constantFrom(...places),
        thing: fc.constantFrom(...THINGS),
        count: fc.nat({ max: 9 }),
      })
      .map(({ at, to, thing, count }) => counted(at, to, thing, count)),
    fc
      .record({
        at: minute,
        from: fc.constantFrom(...places, null),
        to: fc.constantFrom(...places, null),
        thing: fc.constantFrom(...THINGS),
        count: fc.integer({ min: 1, max: 9 }),
      })
      .map(({ at, from, to, thing, count }) => carried(at, from, to, thing, count)),
  );
  const programme = fc
    .record({
      method: fc.constantFrom(...METHODS.map(({ name }) => name)),
      n: fc.nat({ max: 90 }),
      colonyId: fc.constantFrom('a', 'b'),
      newColonyId: fc.constantFrom('c', 'd', null),
      over: fc.option(fc.nat({ max: 40 })),
    })
    .map(({ method, n, colonyId, newColonyId, over }): KitProgramme => {
      const on = addDays(MAY, n);
      return {
        method,
        at: null,
        on,
        colonyId,
        newColonyId,
        over: over === null ? null : { on: addDays(on, over), at: null },
      };
    });
  const looks = fc.array(
    fc.record({ n: fc.nat({ max: 90 }), boxes: fc.integer({ min: 1, max: 2 }), supers: fc.nat({ max: 3 }) }),
    { maxLength: 4 },
  );
  const colonies = fc.tuple(looks, looks, fc.option(fc.nat({ max: 90 }))).map(([first, second, end]) =>
    ['a', 'b', 'c', 'd'].map((id, i) =>
      colony(id, {
        ended: i === 2 && end !== null ? { on: addDays(MAY, end), at: null } : null,
        apiaryOn: (on) => (on < addDays(MAY, 30) || i % 2 === 0 ? 'orchard' : 'quarry'),
        surveys: (i === 0 ? first : i === 3 ? second : []).map(({ n, boxes, supers }) => ({
          at: `${formatDay(addDays(MAY, n))}T12:00`,
          on: addDays(MAY, n),
          hive: aHive(
            ...Array.from({ length: boxes }, (_, k) => aBox(`b${k}`, 'BBBBBBBBBB')),
            ...Array.from({ length: supers }, (_, k) => aBox(`s${k}`, 'EEEEEEEEEE', { role: 'super' })),
          ),
        })),
      }),
    ),
  );

  it('what is somewhere is nowhere else, and nowhere less than none', () => {
    fc.assert(
      fc.property(
        fc.array(entry, { maxLength: 25 }),
        fc.array(programme, { maxLength: 6 }),
        colonies,
        (entries, programmes, hives) => {
          const { lying, accounts } = stockOf(entries, kitUses(programmes, hives));
          for (const thing of THINGS) {
            const { places: lie, hives: hang, outside } = accounts(thing);
            expect(lie + hang + outside).toBe(0);
            const counts = places.map((place) => lying(place, thing).count);
            expect(Math.min(...counts)).toBeGreaterThanOrEqual(0);
            expect(counts.reduce((sum, one) => sum + one, 0)).toBe(lie);
          }
        },
      ),
      { numRuns: tries(400), seed: 20270501 },
    );
  });

  it('a count at the end of the day is what lies there, whatever came before', () => {
    fc.assert(
      fc.property(
        fc.array(entry, { maxLength: 25 }),
        fc.array(programme, { maxLength: 6 }),
        colonies,
        (entries, programmes, hives) => {
          const last = counted('2027-12-31T23:59', 'orchard', 'super', 7);
          const { lying, overdrawn } = stockOf([...entries, last], kitUses(programmes, hives));
          expect(lying('orchard', 'super')).toEqual({ count: 7, countedAt: last.at, frozenSince: null });
          expect(overdrawn.some(({ place, thing }) => place === 'orchard' && thing === 'super')).toBe(false);
        },
      ),
      { numRuns: tries(100), seed: 20270501 },
    );
  });
});
