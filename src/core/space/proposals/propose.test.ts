import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tries } from '../../../../scripts/lib/how-often';
import { ALL_METHOD_NAMES } from '../../methods/method';
import { allFrames, boxesOf, placeOf } from '../arrangement';
import { type ArrangementContext, checkArrangement } from '../arrangement-rules';
import { FRAME_SIZES } from '../frame-size';
import { framesOf } from '../hive';
import { aBox, aHive, NOTHING_KNOWN, proposalFrom } from '../testing';
import { workList } from '../work-list/work-list';
import { asIs } from './proposal';
import { movesFrames, propose } from './propose';

const METHODS = ALL_METHOD_NAMES.filter(movesFrames);

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
          queenFrameId: found.queenFrameId,
          before: asIs(one.hive),
          shaken: new Set(found.shaken),
          queenUnit: found.queenUnit,
          cellUnit: found.cellUnit,
          emptyInNest: one.method === 'interleave',
        };
        expect(found.findings).toEqual(checkArrangement(found.arrangement, context, FRAME_SIZES));
        // What must not be done it never proposes: the queen shut off, a kept cell shaken or lost, a box too full.
        expect(found.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
      }),
      { numRuns: tries(300) },
    );
  });

  it('becomes a list that can be worked off: never a frame too many in a box, and at its end all is as proposed', () => {
    fc.assert(
      fc.property(anyCase, (one) => {
        const from = caseOf(one);
        const { arrangement: after, shaken, queenFrameId } = propose(one.method, from);
        const before = asIs(one.hive);
        const steps = workList(before, after, {
          queenWasOn: from.context.queenFrameId,
          queenFrameId,
          placesAssumed: from.areCounted,
          keptCellFrames: from.context.keptCellFrames,
          shaken: new Set(shaken),
          coveredSeams: 8,
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
      { numRuns: tries(300) },
    );
  });
});
