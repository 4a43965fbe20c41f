import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { betterWay, distanceM, type Flyers, flyersAfter, flyersGo, flyersOf, type HiveAt, type Point } from './flyers';
import { placeBefore, wayMarks } from './way-mark';

const at = (colonyId: string, x: number, y = 0): HiveAt => ({ colonyId, at: { x, y } });

describe('where the flying bees are once a hive was moved', () => {
  const from = at('moved', 0);
  it('come along under a metre and over 5 km', () => {
    expect(flyersGo(from, { at: { x: 0.99, y: 0 } }, [])).toEqual({ kind: 'kept', because: 'near' });
    expect(flyersGo(from, { isOverKm: true }, [at('b', 1)])).toEqual({ kind: 'kept', because: 'far' });
    expect(flyersGo(from, { isOverKm: false }, [])).toEqual({ kind: 'go-back', join: [] });
  });

  it('join the nearest hive within 2 m of the old place, and share where two are as near', () => {
    const go = (...others: HiveAt[]) => {
      const found = flyersGo(from, { at: { x: 9, y: 9 } }, others);
      return found.kind === 'go-back' ? found.join : null;
    };
    expect(go(at('b', 1.5), at('c', 1.2), at('d', 8))).toEqual(['c']);
    expect(go(at('b', -1.5), at('c', 1.5))).toEqual(['b', 'c']);
    expect(go(at('b', 2))).toEqual(['b']);
    expect(go(at('b', 2.01))).toEqual([]);
  });

  it('find their own hive again where none is nearer, and share it with one that is as near', () => {
    expect(flyersGo(from, { at: { x: 1.5, y: 0 } }, [at('b', 1.9)])).toEqual({ kind: 'kept', because: 'found' });
    expect(flyersGo(from, { at: { x: 1.5, y: 0 } }, [at('b', 1.2)])).toEqual({ kind: 'go-back', join: ['b'] });
    expect(flyersGo(from, { at: { x: 2, y: 0 } }, [at('b', -2)])).toEqual({ kind: 'go-back', join: ['b', 'moved'] });
    expect(flyersGo(from, { at: { x: 2.5, y: 0 } }, [])).toEqual({ kind: 'go-back', join: [] });
  });

  it('are a third of the bees, as the seams were counted', () => {
    expect(flyersOf(9)).toBe(6000);
    expect(flyersOf(null)).toBeNull();
  });

  it('are as many after any series of moves as before it, with those that were lost', () => {
    const point = fc.record({
      x: fc.double({ min: -6, max: 6, noNaN: true }),
      y: fc.double({ min: -6, max: 6, noNaN: true }),
    });
    const move = fc.record({
      which: fc.nat({ max: 4 }),
      to: fc.oneof(
        point.map((to) => ({ at: to })),
        fc.boolean().map((isOverKm) => ({ isOverKm })),
      ),
    });
    const colonies = ['a', 'b', 'c', 'd', 'e'];
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 5, maxLength: 5 }),
        fc.array(fc.nat({ max: 30_000 }), { minLength: 5, maxLength: 5 }),
        fc.array(move, { maxLength: 12 }),
        (places, counts, moves) => {
          let hives: readonly HiveAt[] = colonies.map((colonyId, i) => ({ colonyId, at: places[i] as Point }));
          let flyers: Flyers = { of: new Map(colonies.map((id, i) => [id, counts[i] as number])), lost: 0 };
          const whole = counts.reduce((sum, one) => sum + one, 0);
          for (const { which, to } of moves) {
            const moved = colonies[which] as string;
            const hive = hives.find(({ colonyId }) => colonyId === moved);
            if (!hive) continue;
            const others = hives.filter(({ colonyId }) => colonyId !== moved);
            const go = flyersGo(hive, to, others);
            const before = flyers.of.get(moved) ?? 0;
            flyers = flyersAfter(flyers, moved, go);
            if (go.kind === 'kept') expect(flyers.of.get(moved)).toBe(before);
            else {
              const left = go.join.includes(moved) ? Math.ceil(before / 2) : 0;
              expect(flyers.of.get(moved)).toBeLessThanOrEqual(left);
              for (const id of go.join.filter((one) => one !== moved)) {
                const other = others.find(({ colonyId }) => colonyId === id) as HiveAt;
                expect(distanceM(hive.at, other.at)).toBeLessThanOrEqual(2);
              }
            }
            hives = 'at' in to ? [...others, { colonyId: moved, at: to.at }] : others;
            const now = [...flyers.of.values()];
            expect(now.reduce((sum, one) => sum + one, flyers.lost)).toBe(whole);
            expect(Math.min(...now)).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: 300, seed: 20270516 },
    );
  });
});

describe('a better way', () => {
  const to = (x: number) => betterWay({ x: 0, y: 0 }, { x, y: 0 });
  it('is by less than a metre a day where that is a fortnight at most, else away first', () => {
    expect(to(0.9)).toBeNull();
    expect(to(1)).toEqual({ kind: 'by-steps', days: 2 });
    expect(to(4.5)).toEqual({ kind: 'by-steps', days: 5 });
    expect(to(13.9)).toEqual({ kind: 'by-steps', days: 14 });
    expect(to(14)).toEqual({ kind: 'away-first', days: 21 });
  });
});

describe('a way-mark', () => {
  const hive = (colonyId: string, x: number, facing: number) => ({ ...at(colonyId, x), facing });
  const marked = (...hives: ReturnType<typeof hive>[]) =>
    wayMarks(hives, new Set(['v'])).map(({ colonyId }) => colonyId);
  it('is asked for where a virgin flies beside a hive that faces alike', () => {
    expect(marked(hive('v', 0, 180), hive('b', 1.5, 180))).toEqual(['v']);
    expect(marked(hive('v', 0, 350), hive('b', 1.5, 10))).toEqual(['v']);
    expect(marked(hive('v', 0, 180), hive('b', 1.5, 270))).toEqual([]);
    expect(marked(hive('v', 0, 180), hive('b', 3, 180))).toEqual([]);
    expect(wayMarks([hive('a', 0, 180), hive('b', 1, 180)], new Set())).toEqual([]);
  });

  it('is not asked for where one stands before the hive', () => {
    const both = [hive('v', 0, 180), hive('b', 1, 180)];
    const asked = (...marks: Point[]) => wayMarks(both, new Set(['v']), marks).length;
    expect(asked(placeBefore(hive('v', 0, 180)))).toBe(0);
    expect(placeBefore(hive('v', 0, 90)).x).toBeCloseTo(0.8);
    // Before its neighbour, and behind it.
    expect(asked(placeBefore(hive('b', 1, 180)), { x: 0, y: 0.8 })).toBe(1);
  });
});
