import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isFreeIn, minutesIn, painted, type Span } from './free-time';

const at = (from: number, to: number): Span => ({ from: from * 60, to: to * 60 });

describe('hours painted over a day', () => {
  it.each<[string, readonly Span[], Span, boolean, readonly Span[]]>([
    ['join what they touch', [at(10, 12)], at(12, 13), true, [at(10, 13)]],
    ['stand alone', [at(10, 12)], at(17, 18), true, [at(10, 12), at(17, 18)]],
    ['cut a hole', [at(10, 18)], at(12, 13), false, [at(10, 12), at(13, 18)]],
    ['cut an end', [at(10, 18)], at(17, 20), false, [at(10, 17)]],
    ['take all', [at(10, 12), at(13, 14)], at(9, 15), false, []],
    ['take nothing where nothing was', [at(10, 12)], at(12, 13), false, [at(10, 12)]],
  ])('%s', (_, spans, over, isFree, are) => {
    expect(painted(spans, over, isFree)).toEqual(are);
  });

  it('come out free, or not, wherever they were painted, and nothing else changes', () => {
    const span = fc
      .tuple(fc.integer({ min: 0, max: 47 }), fc.integer({ min: 1, max: 48 }))
      .filter(([from, to]) => from < to)
      .map(([from, to]): Span => ({ from: from * 30, to: to * 30 }));
    fc.assert(
      fc.property(fc.array(span, { maxLength: 4 }), span, fc.boolean(), (spans, over, isFree) => {
        const after = painted(spans, over, isFree);
        for (let from = 0; from < 1440; from += 30) {
          const half = { from, to: from + 30 };
          const isOver = over.from <= from && from < over.to;
          expect(isFreeIn(after, half)).toBe(isOver ? isFree : isFreeIn(spans, half));
        }
        expect(minutesIn(after)).toBeLessThanOrEqual(1440);
      }),
    );
  });
});
