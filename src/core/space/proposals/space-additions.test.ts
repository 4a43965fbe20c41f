import { describe, expect, it } from 'vitest';
import type { MethodName } from '../../methods/method';
import { boxesOf } from '../arrangement';
import type { Hive } from '../hive';
import { aBox, aHive, letters, NOTHING_KNOWN, proposalFrom } from '../testing';
import { asIs } from './proposal';
import { propose } from './propose';

const boxes = (method: MethodName, hive: Hive, over: Parameters<typeof proposalFrom>[1] = {}) =>
  boxesOf(propose(method, proposalFrom(hive, over)).arrangement).map(({ unit, box }) => `${unit} ${letters(box)}`);
const aSuper = aBox('super', 'NNEEEEEEEE', { role: 'super', size: 'national-super', under: 'excluder' });
const strong = aHive(aBox('nest', 'HPBYBSSBPH'), aSuper);

describe('space additions', () => {
  it('open the sides: new comb at both edges, outer stores out, the brood in one piece', () => {
    expect(boxes('open-sides', aHive(aBox('nest', 'HPBBBBBBPH')))).toEqual(['hive PEBBBBBBEH']);
  });

  it('open the sides with a box above: an edge frame of brood is lifted over the nest', () => {
    const two = aHive(aBox('nest', 'HPBBSSBSPH'), aBox('top', 'HEEBBEEEEH'));
    // Comb that hangs idle up there comes down in its place, and the food of both boxes stays.
    expect(boxes('open-sides', two)).toEqual(['hive PEBBSSBEPH', 'hive HEBBSEEEEH']);
  });

  it('open the sides by comb that hangs idle before food is taken, and one side only at cold nights', () => {
    expect(boxes('open-sides', aHive(aBox('nest', 'EHPBBBBPHE')))).toEqual(['hive HPEBBBBEPH']);
    const cold = { context: { ...NOTHING_KNOWN, coldestNightC: 5 } };
    expect(boxes('open-sides', aHive(aBox('nest', 'HHPBBBBPHH')), cold)).toEqual(['hive HPEBBBBPHH']);
    const open = propose('open-sides', proposalFrom(aHive(aBox('nest', 'HPEBBBBEPH'))));
    expect(open.notes).toEqual(['There is empty comb beside the brood already: nothing is needed.']);
    expect(open.arrangement).toEqual(asIs(aHive(aBox('nest', 'HPEBBBBEPH'))));
  });

  it('interleave beside brood about to emerge, never between young brood, two together in the middle', () => {
    expect(boxes('interleave', strong)[0]).toBe('hive PBYBSESEBP');
  });

  it('say so where no frame can make way', () => {
    const full = propose('open-sides', proposalFrom(aHive(aBox('nest', 'BBBBBBBBBB'))));
    expect(full.notes).toEqual([
      'No frame of the box can make way: it holds brood, or the last of the food. Add a box first.',
    ]);
  });

  it('free a nest of honey or pollen beside the brood', () => {
    expect(boxes('honey-bound', aHive(aBox('nest', 'HHHBBBBHHH')))).toEqual(['hive HHEBBBBEHH']);
    expect(boxes('pollen-bound', aHive(aBox('nest', 'HPPBBBPPHH')))).toEqual(['hive HPEBBBEPHH']);
    // The last frame of pollen stays with them, but not between brood.
    expect(boxes('pollen-bound', aHive(aBox('nest', 'HEBBPBBEHH')))).toEqual(['hive HEBBBBPEHH']);
    expect(propose('honey-bound', proposalFrom(aHive(aBox('nest', 'HEBBBBEHHH')))).notes).toHaveLength(1);
  });

  it('add a box on the brood, and a super over the excluder under those there are', () => {
    expect(boxes('add-box', strong)).toEqual(['hive HPBYBSSBPH', 'hive EEEEEEEEEE', 'hive NNEEEEEEEE']);
    const { arrangement } = propose('add-super', proposalFrom(strong, { fill: 'undrawn' }));
    expect(boxesOf(arrangement).map(({ box }) => [box.role, box.under, letters(box)])).toEqual([
      ['brood', 'open', 'HPBYBSSBPH'],
      ['super', 'excluder', 'UUUUUUUUUU'],
      ['super', 'open', 'NNEEEEEEEE'],
    ]);
    const first = propose('add-super', proposalFrom(aHive(aBox('nest', 'HPBBBBBBPH'))));
    expect(boxesOf(first.arrangement).map(({ box }) => [box.role, box.under])).toEqual([
      ['brood', 'open'],
      ['super', 'excluder'],
    ]);
  });
});
