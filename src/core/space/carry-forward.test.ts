import fc from 'fast-check';
import { expect, it } from 'vitest';
import { carryForward } from './carry-forward';
import { CONTENTS, sideFault } from './content';
import { framesByCount, GLANCES } from './count-survey';
import { FRAME_SIZES } from './frame-size';
import { combOf, framesOf } from './hive';
import { aBox, aHive, letters } from './testing';

const comb = (...boxes: ReturnType<typeof aBox>[]) => combOf(boxes, FRAME_SIZES);

it('brood grows older, and what has emerged leaves empty cells', () => {
  const [box] = carryForward(aHive(aBox('nest', 'S')), 6, FRAME_SIZES).boxes;
  // Half of the sealed brood, spread over twelve days, has emerged after six.
  expect(comb(box as ReturnType<typeof aBox>)).toMatchObject({ sealed: 2500, empty: 2500 });
});

it('a steady queen with room keeps her brood as it is', () => {
  const before = aHive(aBox('nest', 'HPBBBBBBPH'));
  const after = carryForward(before, 7, FRAME_SIZES);
  const [was, is] = [combOf(before.boxes, FRAME_SIZES), combOf(after.boxes, FRAME_SIZES)];
  for (const stage of ['eggs', 'larvae', 'sealed'] as const)
    expect(Math.abs(is[stage] - was[stage])).toBeLessThan(was.sealed * 0.2);
  expect(is.honey).toBe(was.honey);
});

it('nothing of the comb is lost or made, and every side still makes ten', () => {
  const row = fc.array(fc.constantFrom(...'HNPBYSEU'), { minLength: 1, maxLength: 12 });
  fc.assert(
    fc.property(row, row, fc.integer({ min: 0, max: 40 }), (lower, upper, days) => {
      const before = aHive(aBox('a', lower.join('')), aBox('b', upper.join('')));
      const after = carryForward(before, days, FRAME_SIZES);
      for (const frame of framesOf(after)) for (const side of frame.sides ?? []) expect(sideFault(side)).toBeNull();
      const total = (hive: typeof before) =>
        CONTENTS.reduce((sum, content) => sum + combOf(hive.boxes, FRAME_SIZES)[content], 0);
      expect(total(after)).toBeCloseTo(total(before));
      expect(combOf(after.boxes, FRAME_SIZES).honey).toBe(combOf(before.boxes, FRAME_SIZES).honey);
    }),
  );
});

it('counted frames hang as they usually do: stores at the walls, brood in the middle', () => {
  let n = 0;
  const frames = framesByCount({ brood: 3, young: 1, honey: 2, pollen: 2, empty: 2 }, 'national-deep', () => `f${n++}`);
  expect(letters({ ...aBox('x', ''), frames })).toBe('HPEBBYBEPH');
  expect(new Set(frames.map(({ id }) => id)).size).toBe(10);
  expect(GLANCES.every((glance) => framesByCount({ [glance]: 1 }, 'smith', () => 'f').length === 1)).toBe(true);
});
