import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawsOf } from './stream';

const SEED = fc.integer({ min: 0, max: 0x7fffffff });

describe('draws by a seed', () => {
  it('are the same each time, and other ones for another purpose or seed', () => {
    fc.assert(
      fc.property(SEED, (seed) => {
        const of = (salt: string, from = seed) => {
          const draws = drawsOf(from, salt);
          return Array.from({ length: 8 }, () => draws.whole(0, 1_000_000));
        };
        expect(of('cells')).toEqual(of('cells'));
        expect(of('cells')).not.toEqual(of('queen'));
        expect(of('cells')).not.toEqual(of('cells', seed + 1));
      }),
      { numRuns: 200 },
    );
  });

  it('put a list in another order and lose nothing of it, each order as likely', () => {
    fc.assert(
      fc.property(SEED, fc.array(fc.integer()), (seed, list) => {
        const shuffled = drawsOf(seed, 'order').shuffled(list);
        expect([...shuffled].sort()).toEqual([...list].sort());
      }),
      { numRuns: 200 },
    );
    const firsts = [0, 0, 0];
    for (let seed = 0; seed < 3000; seed++) {
      const [first] = drawsOf(seed * 7919, 'order').shuffled([0, 1, 2]);
      firsts[first ?? 0] = (firsts[first ?? 0] ?? 0) + 1;
    }
    for (const count of firsts) expect(Math.abs(count - 1000)).toBeLessThan(120);
  });

  it('keep to their bounds, both ends included where they are whole', () => {
    const draws = drawsOf(9, 'bounds');
    const whole = new Set(Array.from({ length: 400 }, () => draws.whole(3, 6)));
    expect([...whole].sort()).toEqual([3, 4, 5, 6]);
    for (let n = 0; n < 400; n++) {
      const between = draws.between(-2, 2);
      expect(between >= -2 && between < 2).toBe(true);
    }
    expect(Array.from({ length: 50 }, () => draws.happens(0))).not.toContain(true);
    expect(Array.from({ length: 50 }, () => draws.happens(1))).not.toContain(false);
  });
});
