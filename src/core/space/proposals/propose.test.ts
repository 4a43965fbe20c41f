import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ALL_METHOD_NAMES } from '../../methods/method';
import { allFrames, boxesOf, placeOf } from '../arrangement';
import { type ArrangementContext, checkArrangement } from '../arrangement-rules';
import { FRAME_SIZES } from '../frame-size';
import { broodFrameCount, framesOf, type Hive } from '../hive';
import { aBox, aHive, letters, NOTHING_KNOWN, proposalFrom } from '../testing';
import { workList } from '../work-list';
import { asIs } from './proposal';
import { movesFrames, propose } from './propose';

const METHODS = ALL_METHOD_NAMES.filter(movesFrames);
const boxes = (method: (typeof METHODS)[number], hive: Hive, over: Parameters<typeof proposalFrom>[1] = {}) =>
  boxesOf(propose(method, proposalFrom(hive, over)).arrangement).map(({ unit, box }) => `${unit} ${letters(box)}`);
const aSuper = aBox('super', 'NNEEEEEEEE', { role: 'super', size: 'national-super', under: 'excluder' });
const strong = aHive(aBox('nest', 'HPBYBSSBPH'), aSuper);
const onQueen = { context: { ...NOTHING_KNOWN, queenFrameId: 'nest/4' } };

describe('space additions', () => {
  it('open the sides: new comb at both edges, outer stores out, the brood in one piece', () => {
    expect(boxes('open-sides', aHive(aBox('nest', 'HPBBBBBBPH')))).toEqual(['hive PEBBBBBBEP']);
  });

  it('open the sides with a box above: an edge frame of brood is lifted over the nest', () => {
    const two = aHive(aBox('nest', 'HPBBSSBSPH'), aBox('top', 'HEEBBEEEEH'));
    expect(boxes('open-sides', two)).toEqual(['hive PEBBSSBEPH', 'hive EEBBSEEEEH']);
  });

  it('interleave beside brood about to emerge, never between young brood, two together in the middle', () => {
    expect(boxes('interleave', strong)[0]).toBe('hive PBYBSESEBP');
  });

  it('say so where no frame can make way', () => {
    const full = propose('interleave', proposalFrom(aHive(aBox('nest', 'BBBBBBBBBB'))));
    expect(full.notes).toEqual(['Every frame of the box holds brood, so none can make way. Add a box first.']);
  });

  it('free a nest of honey or pollen beside the brood', () => {
    expect(boxes('honey-bound', aHive(aBox('nest', 'HHHBBBBHHH')))).toEqual(['hive HHEBBBBEHH']);
    expect(boxes('pollen-bound', aHive(aBox('nest', 'HPPBBBPPHH')))).toEqual(['hive HPEBBBEPHH']);
    expect(boxes('pollen-bound', aHive(aBox('nest', 'HEBBPBBEHH')))).toEqual(['hive HEBBBBEEHH']);
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

describe('frames for a method', () => {
  it('nuc swarm: her frame and one of stores, bees of two more shaken in, never off the kept cell', () => {
    const context = { ...onQueen.context, keptCellFrames: new Set(['nest/5']), cellFrames: new Set(['nest/8']) };
    const found = propose('nuc-swarm', proposalFrom(strong, { context }));
    expect(boxesOf(found.arrangement).map(({ unit, box }) => `${unit} ${letters(box)}`)).toEqual([
      'nuc EEYEEH',
      'parent PEBBSSBEPH',
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
      'old-site EEEEYSEEEE',
      'old-site NNEEEEEEEE',
      'parent HPEBBSBEPH',
    ]);
  });

  it('Demaree: queen and comb below, the brood on top over an excluder', () => {
    const { arrangement } = propose('demaree', proposalFrom(strong, onQueen));
    expect(boxesOf(arrangement).map(({ box }) => [box.role, box.under, letters(box)])).toEqual([
      ['brood', 'open', 'EEEEYEEEEE'],
      ['super', 'excluder', 'NNEEEEEEEE'],
      ['brood', 'excluder', 'HPBBSSBEPH'],
    ]);
    const sealedUp = propose('demaree', proposalFrom(strong, { ...onQueen, onlySealedBroodUp: true }));
    const top = boxesOf(sealedUp.arrangement).at(-1)?.box;
    expect(top && letters(top)).toBe('HPEESSEEPH');
  });

  it('part Demaree: two stay with her, four of sealed brood go up, only sealed in cold nights', () => {
    const nest = aHive(aBox('nest', 'HPBYBSSSSPH'));
    const { arrangement } = propose('part-demaree', proposalFrom(nest, onQueen));
    expect(boxesOf(arrangement).map(({ box }) => letters(box))).toEqual(['HPEEBYBEEPH', 'EEESSSSEEEE']);
    const cold = { ...onQueen.context, coldestNightC: 4 };
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
    const [weaker] = boxesOf(found.arrangement).map(({ box }) => letters(box));
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
    expect(boxesOf(found.arrangement).map(({ unit, box }) => `${unit} ${letters(box)}`)[0]).toBe('nuc EEBEEH');
    expect(placeOf(found.arrangement, 'nest/5')?.unit).toBe('nuc');
    for (const id of ['nest/2', 'nest/4', 'nest/7']) expect(placeOf(found.arrangement, id)?.unit).toBe('parent');
    expect(found.shaken.some((id) => ['nest/2', 'nest/4', 'nest/5', 'nest/7'].includes(id))).toBe(false);
    const none = propose('cell-nuc', proposalFrom(strong, onQueen));
    expect(none.notes[0]).toMatch(/^No frame is known with a cell to spare/);
  });

  it('throws for a method that moves no frame', () => {
    expect(() => propose('unite', proposalFrom(strong))).toThrow('unite moves no frames');
  });
});

describe('any proposal, for any hive', () => {
  const row = (least: number) =>
    fc.array(fc.constantFrom(...'HNPBYSEU'), { minLength: least, maxLength: 12 }).map((all) => all.join(''));
  const anyHive = fc
    .tuple(row(3), fc.option(row(3)), fc.option(row(3)))
    .map(([nest, top, above]) =>
      aHive(
        aBox('nest', nest),
        ...(top ? [aBox('top', top)] : []),
        ...(above ? [aBox('super', above, { role: 'super', under: 'excluder' })] : []),
      ),
    );
  const anyCase = fc.record({
    hive: anyHive,
    method: fc.constantFrom(...METHODS),
    queenAt: fc.option(fc.nat(2)),
    keptAt: fc.option(fc.nat(2)),
    coldestNightC: fc.option(fc.integer({ min: -2, max: 16 })),
    onlySealedBroodUp: fc.boolean(),
    fill: fc.constantFrom('empty' as const, 'undrawn' as const),
    manyPests: fc.boolean(),
  });
  const caseOf = ({
    hive,
    queenAt,
    keptAt,
    coldestNightC,
    ...rest
  }: typeof anyCase extends fc.Arbitrary<infer C> ? C : never) => {
    const context = {
      ...NOTHING_KNOWN,
      coldestNightC,
      queenFrameId: queenAt === null ? null : `nest/${queenAt + 1}`,
      keptCellFrames: new Set(keptAt === null || keptAt === queenAt ? [] : [`nest/${keptAt + 1}`]),
    };
    return proposalFrom(hive, { ...rest, context });
  };

  it('keeps every comb, and breaks no rule that it does not name', () => {
    fc.assert(
      fc.property(anyCase, (one) => {
        const from = caseOf(one);
        const found = propose(one.method, from);
        const ids = allFrames(found.arrangement).map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        for (const frame of framesOf(one.hive)) expect(allFrames(found.arrangement)).toContainEqual(frame);
        const context: ArrangementContext = {
          ...from.context,
          before: asIs(one.hive),
          shaken: new Set(found.shaken),
          queenUnit: found.queenUnit,
          cellUnit: found.cellUnit,
        };
        expect(found.findings).toEqual(checkArrangement(found.arrangement, context, FRAME_SIZES));
        // What must not be done it never proposes: the queen shut off, a kept cell shaken or lost, a box too full.
        expect(found.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
      }),
      { numRuns: 300 },
    );
  });

  it('becomes a list that can be worked off: never a frame too many in a box, and at its end all is as proposed', () => {
    fc.assert(
      fc.property(anyCase, (one) => {
        const from = caseOf(one);
        const { arrangement: after, shaken } = propose(one.method, from);
        const before = asIs(one.hive);
        const steps = workList(before, after, {
          queenFrameId: from.context.queenFrameId,
          keptCellFrames: from.context.keptCellFrames,
          shaken: new Set(shaken),
          coveredSeams: 8,
          unitName: (unit) => unit,
          sizes: FRAME_SIZES,
        });
        const home = new Map<string, string | null>(
          boxesOf(before).flatMap(({ box }) => box.frames.map(({ id }) => [id, box.id] as const)),
        );
        const limit = new Map(boxesOf(after).map(({ box }) => [box.id, Math.max(box.places, box.frames.length)]));
        for (const { kind, frameIds } of steps) {
          if (kind === 'shake' || kind === 'queen') continue;
          for (const frameId of frameIds) {
            const isMoved = kind === 'frame' || kind === 'new-frame';
            home.set(frameId, isMoved ? (placeOf(after, frameId)?.boxId ?? null) : null);
          }
          for (const [boxId, most] of limit)
            expect([...home.values()].filter((at) => at === boxId).length).toBeLessThanOrEqual(most);
        }
        for (const { id } of allFrames(after)) expect(home.get(id) ?? null).toBe(placeOf(after, id)?.boxId ?? null);
      }),
      { numRuns: 300 },
    );
  });
});
