import fc from 'fast-check';
import { INTERLEAVE_NIGHT } from '../../settings/strength';
import type { Side } from '../content';
import { FRAME_SIZES } from '../frame-size';
import { newDummy } from '../frame-traits';
import { type Box, combOf, type Frame, framesOf, type Hive, isBroodFrame, layingBoxes } from '../hive';
import { layingRate } from '../laying-rate';
import { DEFAULT_NECTAR } from '../nectar';
import type { ProposalFrom } from './proposal';

/** Painted sides: brood by age with its arc of food, and frames of stores or comb. Tenths, the left side and the right. */
const SIDES: { readonly [kind: string]: readonly Side[] } = {
  young: [
    { eggs: 5, larvae: 4, empty: 1 },
    { eggs: 4, larvae: 4, pollen: 1, empty: 1 },
    { eggs: 6, larvae: 2, honey: 2 },
  ],
  sealed: [
    { sealed: 8, honey: 1, empty: 1 },
    { sealed: 9, pollen: 1 },
    { sealed: 6, empty: 2, honey: 2 },
  ],
  mixed: [
    { eggs: 2, larvae: 3, sealed: 4, honey: 1 },
    { eggs: 1, larvae: 2, sealed: 5, pollen: 1, honey: 1 },
    { larvae: 3, sealed: 3, drone: 2, empty: 2 },
  ],
  pollen: [
    { pollen: 8, empty: 2 },
    { pollen: 7, nectar: 2, empty: 1 },
    { pollen: 9, honey: 1 },
  ],
  honey: [{ honey: 10 }, { honey: 7, nectar: 3 }, { honey: 6, nectar: 2, empty: 2 }],
  nectar: [
    { nectar: 8, empty: 2 },
    { nectar: 6, honey: 3, empty: 1 },
  ],
  empty: [{ empty: 10 }],
  undrawn: [{ undrawn: 10 }],
};
type Kind = keyof typeof SIDES;

const oneOf = (...kinds: readonly Kind[]) => fc.constantFrom(...kinds);

/** A box’s frames by kind, from the left wall to the right: stores or comb outside, the brood in the middle. */
const nestKinds = (most: number, wall: fc.Arbitrary<Kind>) =>
  fc
    .tuple(
      fc.array(oneOf('young', 'mixed', 'mixed', 'sealed'), { minLength: 3, maxLength: most }),
      fc.array(wall, { minLength: 11, maxLength: 11 }),
      fc.tuple(oneOf('pollen', 'pollen', 'honey', 'empty', 'nectar'), oneOf('pollen', 'honey', 'honey', 'empty')),
      fc.constantFrom(10, 11),
    )
    .map(([brood, walls, beside, places]): Kind[] => {
      const outside = places - brood.length;
      const left = Math.floor(outside / 2);
      const row = [...walls.slice(0, left), ...brood, ...walls.slice(left, outside)];
      if (left > 0) row[left - 1] = beside[0];
      if (left + brood.length < places) row[left + brood.length] = beside[1];
      return row;
    });

const USUAL_WALL = oneOf('honey', 'honey', 'nectar', 'empty', 'undrawn');
const FULL_WALL = oneOf('honey', 'honey', 'nectar', 'pollen');

function boxOf(id: string, kinds: readonly Kind[], picks: readonly number[], over: Partial<Box> = {}): Box {
  const size = over.size ?? 'national-deep';
  const frames = kinds.map((kind, i): Frame => {
    const sides = SIDES[kind] as readonly Side[];
    const side = (n: number) => sides[(picks[(i * 2 + n) % picks.length] ?? 0) % sides.length] as Side;
    return { id: `${id}/${i + 1}`, kind: 'comb', size, sides: [side(0), side(1)] };
  });
  return { id, role: 'brood', size, places: frames.length, under: 'open', frames, ...over };
}

const picks = fc.array(fc.nat(5), { minLength: 24, maxLength: 24 });

/** A dummy or a feeder at the wall instead of the frame there, which must be no brood. */
function withAtWall(box: Box, what: 'dummy' | 'feeder' | null): Box {
  const last = box.frames.at(-1);
  if (what === null || !last || isBroodFrame(last)) return box;
  return { ...box, frames: [...box.frames.slice(0, -1), { ...newDummy(last.id, last.size), kind: what }] };
}

/** Hives as a keeper meets them: one or two brood boxes, supers, some of them with brood above an excluder already. */
export const anyHive: fc.Arbitrary<Hive> = fc
  .record({
    nest: nestKinds(8, USUAL_WALL),
    second: fc.option(nestKinds(6, USUAL_WALL), { freq: 1 }),
    supers: fc.nat(2),
    filled: oneOf('nectar', 'empty', 'honey'),
    isDemaree: fc.constantFrom(false, false, false, false, false, false, true),
    atWall: fc.constantFrom(null, null, null, null, 'dummy' as const, 'feeder' as const),
    picks,
  })
  .map(({ nest, second, supers, filled, isDemaree, atWall, picks: chosen }) => {
    const top = second ? boxOf('top', second, chosen) : null;
    const above = Array.from({ length: supers }, (_, i) =>
      boxOf(
        `super${i + 1}`,
        Array.from({ length: 10 }, () => filled),
        chosen,
        {
          role: 'super',
          size: 'national-super',
          under: i === 0 ? 'excluder' : 'open',
        },
      ),
    );
    const lower = withAtWall(boxOf('nest', nest, chosen), atWall);
    const isOver = top !== null && isDemaree;
    return {
      boxes: [
        lower,
        ...(top && !isOver ? [top] : []),
        ...above,
        ...(isOver ? [{ ...top, under: 'excluder' as const }] : []),
      ],
    };
  });

/** Two brood boxes whose queen is hemmed in by what is stored around her. */
export const boundHive: fc.Arbitrary<Hive> = fc
  .record({ nest: nestKinds(5, FULL_WALL), top: nestKinds(4, FULL_WALL), besides: oneOf('pollen', 'honey'), picks })
  .map(({ nest, top, besides, picks: chosen }) => {
    const full = (kinds: readonly Kind[]) => kinds.map((kind) => (kind === 'empty' ? besides : kind));
    return { boxes: [boxOf('nest', full(nest), chosen), boxOf('top', full(top), chosen)] };
  });

/** What is known beside the frames: where the queen is, cells, nights, what comb is at hand. */
export const proposalFromOf = (hives: fc.Arbitrary<Hive>): fc.Arbitrary<ProposalFrom> =>
  hives.chain((hive) => {
    const below = layingBoxes(hive).flatMap(({ frames }) => frames.filter(isBroodFrame));
    const brood = framesOf(hive).filter(isBroodFrame);
    const frame = fc.constantFrom(...below.map(({ id }) => id));
    return fc
      .record({
        queenFrameId: fc.option(frame, { freq: 3 }),
        kept: fc.uniqueArray(fc.constantFrom(...brood.map(({ id }) => id)), { maxLength: 2 }),
        cells: fc.uniqueArray(fc.constantFrom(...brood.map(({ id }) => id)), { maxLength: 2 }),
        coldestNightC: fc.option(fc.integer({ min: 1, max: 16 }), { freq: 4 }),
        fill: fc.constantFrom('empty' as const, 'empty' as const, 'undrawn' as const),
        flow: fc.constantFrom('none' as const, 'light' as const, 'strong' as const),
        manyPests: fc.constantFrom(false, false, false, true),
      })
      .map(({ queenFrameId, kept, cells, coldestNightC, ...rest }): ProposalFrom => {
        let made = 0;
        return {
          hive,
          context: {
            queenFrameId,
            otherQueenFrames: new Set(),
            keptCellFrames: new Set(kept),
            cellFrames: new Set(cells.filter((id) => !kept.includes(id))),
            coldestNightC,
            warmNightC: INTERLEAVE_NIGHT.value,
            onlySealedUpBelowC: 7,
            hasDisease: false,
          },
          sizes: FRAME_SIZES,
          newId: () => {
            made += 1;
            return `new/${made}`;
          },
          usualSuper: 'national-super',
          nectarKg: DEFAULT_NECTAR,
          wouldLayPerDay: layingRate(combOf(hive.boxes, FRAME_SIZES)).high,
          areCounted: false,
          ...rest,
        };
      });
  });
