import { type Arrangement, boxesOf } from '../arrangement';
import { broodSpan, isPollenFrame, newFrame } from '../frame-traits';
import type { Frame } from '../hive';
import type { ProposalFrom } from './proposal';
import { boxNamed } from './tools';

/** What a nest is laid out of. */
interface NestFrames {
  readonly brood: readonly Frame[];
  readonly food: readonly Frame[];
  /** Drawn and empty, or foundation. */
  readonly comb?: readonly Frame[];
}

/**
 * Frames in the order of a nest: the brood in one block in the middle, pollen beside it and then honey, comb at the walls.
 *
 * `both-sides` is for what is to be kept warm and fed; with `one-side` the food stands to the left of the brood, and the comb to the
 * right of it, where a laying queen walks on without having to cross her stores.
 *
 * @param places that the box has; what is short of it is made up with new comb
 */
export function layNest(
  { brood, food, comb = [] }: NestFrames,
  places: number,
  manner: 'both-sides' | 'one-side',
  makeComb: () => Frame,
): readonly Frame[] {
  const fromBrood = [...food].sort((a, b) => Number(isPollenFrame(b)) - Number(isPollenFrame(a)));
  const onLeft = fromBrood.filter((_, i) => manner === 'one-side' || i % 2 === 0);
  const onRight = fromBrood.filter((frame) => !onLeft.includes(frame));
  const missing = Math.max(0, places - brood.length - food.length - comb.length);
  const fillers = [...comb, ...Array.from({ length: missing }, makeComb)];
  // The middle of the brood comes to the middle of the box, as near as whole frames let it.
  const leftOfBrood = Math.floor((places - brood.length) / 2);
  const atLeftWall = Math.min(fillers.length, Math.max(0, leftOfBrood - onLeft.length));
  return [
    ...fillers.slice(0, atLeftWall),
    ...[...onLeft].reverse(),
    ...brood,
    ...onRight,
    ...fillers.slice(atLeftWall),
  ];
}

/**
 * Puts frames into a box in this order, from wherever they hang; they may be new. Throws where a frame of the box would be left over.
 */
export function layInto(arrangement: Arrangement, boxId: string, frames: readonly Frame[]): Arrangement {
  const laid = new Set(frames.map(({ id }) => id));
  const leftOver = boxesOf(arrangement)
    .find(({ box }) => box.id === boxId)
    ?.box.frames.find(({ id }) => !laid.has(id));
  if (leftOver) throw new Error(`Frame ${leftOver.id} has no place any more`);
  const units = arrangement.units.map(({ name, hive }) => ({
    name,
    hive: {
      boxes: hive.boxes.map((box) => ({
        ...box,
        frames: box.id === boxId ? frames : box.frames.filter(({ id }) => !laid.has(id)),
      })),
    },
  }));
  return { units, out: arrangement.out.filter(({ id }) => !laid.has(id)) };
}

/**
 * Fills a box up with new comb at the walls, on the side that has less, so that what hangs in it stays together with its food, and
 * the brood comes to the middle.
 */
export function fillAtWalls(arrangement: Arrangement, boxId: string, { newId, fill }: ProposalFrom): Arrangement {
  const { frames, places, size } = boxNamed(arrangement, boxId);
  const filled = [...frames];
  while (filled.length < places) {
    const span = broodSpan(filled) ?? { first: filled.length, last: filled.length };
    const comb = newFrame(newId(), size, fill);
    if (span.first < filled.length - 1 - span.last) filled.unshift(comb);
    else filled.push(comb);
  }
  return layInto(arrangement, boxId, filled);
}

/** The same, with the new comb just outside the brood, to either side in turn: room for a queen to lay on into. */
export function fillBesideBrood(arrangement: Arrangement, boxId: string, { newId, fill }: ProposalFrom): Arrangement {
  const { frames, places, size } = boxNamed(arrangement, boxId);
  let filled = frames;
  for (let side = 0; filled.length < places; side++) {
    const span = broodSpan(filled);
    const at = !span ? filled.length : side % 2 === 0 ? span.last + 1 : span.first;
    filled = [...filled.slice(0, at), newFrame(newId(), size, fill), ...filled.slice(at)];
  }
  return layInto(arrangement, boxId, filled);
}
