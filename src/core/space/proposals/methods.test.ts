import { describe, expect, it } from 'vitest';
import type { MethodName } from '../../methods/method';
import { boxesOf, placeOf } from '../arrangement';
import { broodFrameCount, framesOf, type Hive } from '../hive';
import { aBox, aHive, letters, NOTHING_KNOWN, proposalFrom } from '../testing';
import { asIs } from './proposal';
import { propose } from './propose';

const boxes = (method: MethodName, hive: Hive, over: Parameters<typeof proposalFrom>[1] = {}) =>
  boxesOf(propose(method, proposalFrom(hive, over)).arrangement).map(({ unit, box }) => `${unit} ${letters(box)}`);
const aSuper = aBox('super', 'NNEEEEEEEE', { role: 'super', size: 'national-super', under: 'excluder' });
const strong = aHive(aBox('nest', 'HPBYBSSBPH'), aSuper);
const onQueen = { context: { ...NOTHING_KNOWN, queenFrameId: 'nest/4' } };

describe('frames for a method', () => {
  it('nuc swarm: her frame and one of stores, bees of two more shaken in, never off the kept cell', () => {
    const context = { ...onQueen.context, keptCellFrames: new Set(['nest/5']), cellFrames: new Set(['nest/8']) };
    const found = propose('nuc-swarm', proposalFrom(strong, { context }));
    expect(boxesOf(found.arrangement).map(({ unit, box }) => `${unit} ${letters(box)}`)).toEqual([
      'nuc EPYHEE',
      'parent EPBBSSBHEE',
      'parent NNEEEEEEEE',
    ]);
    expect(found.shaken).toEqual(['nest/3', 'nest/6']);
    expect([found.queenUnit, found.cellUnit, found.findings]).toEqual(['nuc', 'parent', []]);
  });

  it('queen split: three frames of brood go with her', () => {
    const { arrangement } = propose('queen-split', proposalFrom(strong, onQueen));
    const nuc = arrangement.units.find(({ name }) => name === 'nuc');
    expect(broodFrameCount(nuc?.hive ?? aHive())).toBe(3);
    expect(placeOf(arrangement, 'nest/4')?.unit).toBe('nuc');
  });

  it('old-site swarm: her frame and one of sealed brood on the old site, with the supers over an excluder', () => {
    expect(boxes('old-site-swarm', strong, onQueen)).toEqual([
      'old-site EEEHYSEEEE',
      'old-site NNEEEEEEEE',
      'parent EEPBBSBPHE',
    ]);
  });

  it('Demaree: queen and comb below, the brood on top over an excluder', () => {
    const { arrangement } = propose('demaree', proposalFrom(strong, onQueen));
    expect(boxesOf(arrangement).map(({ box }) => [box.role, box.under, letters(box)])).toEqual([
      ['brood', 'open', 'EEHPYEEEEE'],
      ['super', 'excluder', 'NNEEEEEEEE'],
      ['brood', 'excluder', 'EPBBSSBHEE'],
    ]);
    const sealedUp = propose(
      'demaree',
      proposalFrom(strong, { ...onQueen, context: { ...onQueen.context, coldestNightC: 4 } }),
    );
    const top = boxesOf(sealedUp.arrangement).at(-1)?.box;
    expect(top && letters(top)).toBe('EEEPSSHEEE');
  });

  it('part Demaree: two stay with her, four of sealed brood go up, only sealed in cold nights', () => {
    const nest = aHive(aBox('nest', 'HPBYBSSSSPH'));
    const { arrangement } = propose('part-demaree', proposalFrom(nest, onQueen));
    expect(boxesOf(arrangement).map(({ box }) => letters(box))).toEqual(['HPEEBYBEEPH', 'EEEEEEEEEEE', 'EEESSSSEEEE']);
    const cold = { ...onQueen.context, coldestNightC: 4 };
    const young = aHive(aBox('nest', 'HPBBBBBBPH'));
    const nothing = propose('part-demaree', proposalFrom(young, { context: cold }));
    expect(nothing.arrangement.units[0]?.hive).toEqual(young);
    expect(nothing.notes).toEqual([
      'Nights are too cold for open brood above, and there is no frame of sealed brood alone: wait for milder nights, or choose another method.',
    ]);
    const weak = propose('part-demaree', proposalFrom(aHive(aBox('nest', 'HPBYBBSSBPH')), { context: cold }));
    expect(weak.notes).toEqual([
      'Only 2 frames of sealed brood can go up, 2 fewer than usual.',
      'Nights are cold: only sealed brood goes up.',
    ]);
    expect(propose('part-demaree', proposalFrom(aHive(aBox('nest', 'HPBBBBBPH')))).notes).toEqual([
      'It takes 6 frames of brood, and there are 5.',
    ]);
  });

  it('even split: eggs, brood and stores to both', () => {
    const found = propose('even-split', proposalFrom(aHive(aBox('nest', 'HPBBSSBBPH'))));
    const [a, b] = boxesOf(found.arrangement).map(({ box }) => letters(box));
    for (const half of [a, b]) {
      expect([...(half ?? '')].filter((letter) => letter === 'B')).toHaveLength(2);
      expect([...(half ?? '')].filter((letter) => letter === 'S')).toHaveLength(1);
      expect([...(half ?? '')].filter((letter) => 'HP'.includes(letter))).toHaveLength(2);
    }
    expect(found.notes).toEqual([]);
  });

  it('even split where pests are many: no honey in the weaker half', () => {
    const hive = aHive(aBox('nest', 'HHPBBSSBBBPHH'));
    const found = propose('even-split', proposalFrom(hive, { manyPests: true }));
    const halves = boxesOf(found.arrangement).map(({ box }) => letters(box));
    const brood = (half: string) => [...half].filter((letter) => 'BS'.includes(letter)).length;
    const [weaker] = halves.sort((a, b) => brood(a) - brood(b));
    expect(weaker).not.toContain('H');
    expect(found.notes).toEqual(['Honey stays with the stronger half; feed the weaker one, and reduce its entrance.']);
  });

  it('vertical split: she stays below, eggs and food go up over a board', () => {
    const found = propose('vertical-split', proposalFrom(strong, onQueen));
    const top = found.arrangement.units.find(({ name }) => name === 'top')?.hive;
    expect(top?.boxes[0]?.under).toBe('board');
    expect(placeOf(found.arrangement, 'nest/4')?.unit).toBe('bottom');
    expect(found.notes).toEqual([]);
  });

  it('nuc with a ripe cell: a frame with a cell to spare, brood and food; not the kept cell, not the queen', () => {
    const cells = { cellFrames: new Set(['nest/2', 'nest/5']), keptCellFrames: new Set(['nest/7']) };
    const context = { ...NOTHING_KNOWN, queenFrameId: 'nest/4', ...cells };
    const found = propose('cell-nuc', proposalFrom(strong, { context }));
    // The better frame of the two, with brood enough of its own, and honey.
    expect(boxesOf(found.arrangement).map(({ unit, box }) => `${unit} ${letters(box)}`)[0]).toBe('nuc EPBHEE');
    expect(placeOf(found.arrangement, 'nest/5')?.unit).toBe('nuc');
    for (const id of ['nest/2', 'nest/4', 'nest/7']) expect(placeOf(found.arrangement, id)?.unit).toBe('parent');
    expect(found.shaken.some((id) => ['nest/2', 'nest/4', 'nest/5', 'nest/7'].includes(id))).toBe(false);
    const none = propose('cell-nuc', proposalFrom(strong, onQueen));
    expect(none.notes[0]).saying(/^No frame is known with a cell to spare/);
  });

  it('runs her over by hand where a kept cell hangs on her frame: neither goes with the other', () => {
    const context = { ...onQueen.context, keptCellFrames: new Set(['nest/4']) };
    const found = propose('nuc-swarm', proposalFrom(strong, { context }));
    expect(placeOf(found.arrangement, 'nest/4')?.unit).toBe('parent');
    expect(found.queenFrameId).not.toBe('nest/4');
    expect(placeOf(found.arrangement, found.queenFrameId as string)?.unit).toBe('nuc');
    expect(found.findings).toEqual([]);
  });

  it('splits a hive of two boxes box by box, and exchanges frames only as far as it takes', () => {
    const even = aHive(aBox('nest', 'HPBYBSSBPH'), aBox('top', 'HPBBSSBBPH'));
    expect(boxes('even-split', even, onQueen)).toEqual(['queenless-half HPBBSSBBPH', 'queen-half HPBYBSSBPH']);
    const uneven = aHive(aBox('nest', 'HPBYBSSBPH'), aBox('top', 'HHPBSEEPHH'));
    const found = propose('even-split', proposalFrom(uneven, onQueen));
    const halves = found.arrangement.units.map(({ hive }) => broodFrameCount(hive));
    expect(Math.abs((halves[0] as number) - (halves[1] as number))).toBeLessThanOrEqual(1);
    expect(placeOf(found.arrangement, 'nest/4')?.unit).toBe('queen-half');
    const moved = framesOf(uneven).filter(
      ({ id }) => placeOf(found.arrangement, id)?.boxId !== placeOf(asIs(uneven), id)?.boxId,
    );
    expect(moved.length).toBeLessThanOrEqual(4);
  });

  it('leaves brood above an excluder shut off from her, whatever is added below', () => {
    const demareed = aHive(
      aBox('nest', 'HPBYBSSBPH'),
      aBox('super', 'NNEEEEEEEE', { role: 'super', size: 'national-super', under: 'excluder' }),
      aBox('top', 'HPBBSSBBPH', { under: 'excluder' }),
    );
    const unders = (method: 'add-super' | 'add-box') =>
      boxesOf(propose(method, proposalFrom(demareed, onQueen)).arrangement).map(
        ({ box }) => `${box.role} ${box.under}`,
      );
    expect(unders('add-super')).toEqual(['brood open', 'super excluder', 'super open', 'brood excluder']);
    expect(unders('add-box')).toEqual(['brood open', 'brood open', 'super excluder', 'brood excluder']);
    // In her box, not in the one that has more brood above.
    const wide = { ...demareed, boxes: [aBox('nest', 'HHPYBEPHHH'), ...demareed.boxes.slice(1)] };
    const warm = { context: { ...NOTHING_KNOWN, queenFrameId: 'nest/4' } };
    expect(boxes('open-sides', wide, warm).at(-1)).toBe('hive HPBBSSBBPH');
    // Without a super the first one lies under the brood that is kept from her.
    const bare = aHive(aBox('nest', 'HPBYBSSBPH'), aBox('top', 'HPBBSSBBPH', { under: 'excluder' }));
    expect(
      boxesOf(propose('add-super', proposalFrom(bare, onQueen)).arrangement).map(
        ({ box }) => `${box.role} ${box.under}`,
      ),
    ).toEqual(['brood open', 'super excluder', 'brood excluder']);
  });

  it('does not interleave at cold nights, nor where only counts tell of the brood', () => {
    const nights = (coldestNightC: number | null) =>
      propose('interleave', proposalFrom(strong, { context: { ...NOTHING_KNOWN, coldestNightC } })).notes;
    expect(nights(9)[0]).saying(/^Nights are cold or not noted/);
    expect(nights(null)[0]).saying(/^Nights are cold or not noted/);
    expect(nights(10).map(({ says }) => says)).toEqual(['space/food-taken-out']);
    const counted = propose('interleave', proposalFrom(aHive(aBox('nest', 'HPBBBBBBPH')), { areCounted: true }));
    expect(counted.notes[0]).saying(/^The frames were only counted/);
    expect(counted.arrangement.out).toEqual([]);
  });

  it('frees a nest across boxes: pollen goes up, and idle comb comes down beside the brood', () => {
    const hive = aHive(aBox('nest', 'HPPPBBPPPH'), aBox('super', 'EEEENNNNHH', { role: 'super', under: 'excluder' }));
    const found = propose('pollen-bound', proposalFrom(hive));
    expect(found.arrangement.out).toEqual([]);
    const [nest, above] = boxesOf(found.arrangement).map(({ box }) => letters(box));
    expect(nest).toContain('EBBE');
    expect(above).toContain('P');
    // Without drawn comb it says what is missing.
    const bare = propose('pollen-bound', proposalFrom(aHive(aBox('nest', 'HPPPBBPPPH')), { fill: 'undrawn' }));
    expect(bare.notes[0]).saying('There is no drawn comb at hand');
  });

  it('makes the first super of the keeper’s usual size', () => {
    const found = propose(
      'add-super',
      proposalFrom(aHive(aBox('nest', 'HPBYBSSBPH')), { usualSuper: 'langstroth-medium' }),
    );
    expect(boxesOf(found.arrangement).at(-1)?.box).toMatchObject({
      role: 'super',
      size: 'langstroth-medium',
      places: 10,
    });
  });

  it('throws for a method that moves no frame', () => {
    expect(() => propose('unite', proposalFrom(strong))).toThrow('unite moves no frames');
  });
});
