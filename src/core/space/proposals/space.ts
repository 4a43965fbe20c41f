import { addBox, addFrame, moveFrame } from '../arrangement';
import { broodSpan, hasYoungBrood, isHoneyFrame, isPollenFrame, newFrame } from '../frame-traits';
import { broodBoxes, type Frame, supers } from '../hive';
import { asIs, inOneHive, type Propose, WHOLE } from './proposal';
import { best, boxLike, boxNamed, fillUp, isFree, mainBox, outermostSpare, sealedOn, swapForNew } from './tools';

/** New frames that one visit brings into a nest at the sides or between its frames. */
const NEW_FRAMES = 2;
const ALL_BROOD = 'Every frame of the box holds brood, so none can make way. Add a box first.';

/**
 * New comb at both edges of the nest. Where there is a brood box above, a brood frame from the edge is lifted next to the brood
 * there, so that the nest stays one piece; outer frames of stores make way.
 */
export const openSides: Propose = (from) => {
  const { hive, context } = from;
  const main = mainBox(hive);
  const above = broodBoxes(hive)[broodBoxes(hive).indexOf(main) + 1];
  let arrangement = asIs(hive);
  let brought = 0;
  const span = broodSpan(main.frames);
  if (above && span && span.last - span.first >= 2) {
    const edges = [main.frames[span.first], main.frames[span.last]] as Frame[];
    const lifted = best(
      edges.filter((frame) => isFree(frame, context)),
      sealedOn,
    );
    const down = outermostSpare(above, from);
    if (lifted && down) {
      // The frame that comes out above makes the place; new comb takes the place below.
      arrangement = moveFrame(arrangement, down.id, null);
      const there = boxNamed(arrangement, above.id);
      const nest = broodSpan(there.frames);
      const at = nest ? nest.last + 1 : Math.floor(there.frames.length / 2);
      arrangement = moveFrame(arrangement, lifted.id, { boxId: above.id, at });
      arrangement = fillUp(arrangement, main.id, from);
      brought = 1;
    }
  }
  for (let side = brought; side < NEW_FRAMES; side++) {
    const box = boxNamed(arrangement, main.id);
    const spare = outermostSpare(box, from);
    if (!spare) return inOneHive(arrangement, ALL_BROOD);
    arrangement = swapForNew(
      arrangement,
      spare.id,
      main.id,
      ({ frames }) => {
        const nest = broodSpan(frames);
        return !nest ? frames.length : side % 2 === 0 ? nest.last + 1 : nest.first;
      },
      from,
    );
  }
  return inOneHive(arrangement);
};

/**
 * Empty frames between brood frames: beside brood that is about to emerge, never between two frames of young brood, and two brood
 * frames stay together in the middle.
 */
export const interleave: Propose = (from) => {
  const { hive, newId, fill } = from;
  const main = mainBox(hive);
  let arrangement = asIs(hive);
  for (let i = 0; i < NEW_FRAMES; i++) {
    const spare = outermostSpare(boxNamed(arrangement, main.id), from);
    if (!spare) return inOneHive(arrangement, ALL_BROOD);
    const without = moveFrame(arrangement, spare.id, null);
    const gap = bestGap(boxNamed(without, main.id).frames);
    if (gap === null) return inOneHive(arrangement, 'No gap is left that would not part young brood.');
    arrangement = addFrame(without, newFrame(newId(), main.size, fill), { boxId: main.id, at: gap });
  }
  return inOneHive(arrangement);
};

/** Where an empty frame does least harm: the place before which it goes; null: nowhere. */
function bestGap(frames: readonly Frame[]): number | null {
  const nest = broodSpan(frames);
  if (!nest || nest.last - nest.first < 2) return null;
  const middle = (nest.first + nest.last + 1) / 2;
  const gaps = Array.from({ length: nest.last - nest.first }, (_, i) => nest.first + i + 1).filter((at) => {
    const [left, right] = [frames[at - 1] as Frame, frames[at] as Frame];
    const isBroodOnBoth = sealedOrYoung(left) && sealedOrYoung(right);
    const isMiddle = Math.abs(at - middle) < 1 && nest.last - nest.first >= 3;
    return isBroodOnBoth && !isMiddle && !(hasYoungBrood(left) && hasYoungBrood(right));
  });
  const sealedBeside = (at: number) => sealedOn(frames[at - 1] as Frame) + sealedOn(frames[at] as Frame);
  return gaps.length === 0 ? null : gaps.reduce((most, at) => (sealedBeside(at) > sealedBeside(most) ? at : most));
}

const sealedOrYoung = (frame: Frame) => sealedOn(frame) > 0 || hasYoungBrood(frame);

/** Honey frames beside the brood go to the walls, what stands there goes out, and comb comes in beside the brood. */
export const honeyBound: Propose = (from) => freeOf(from, isHoneyFrame, 'No honey frame stands beside the brood.');

/** Pollen frames leave the nest, and comb comes in beside the brood in their place. */
export const pollenBound: Propose = (from) =>
  freeOf(from, isPollenFrame, 'No frame of pollen stands beside the brood.');

function freeOf(
  from: Parameters<Propose>[0],
  isInTheWay: (frame: Frame) => boolean,
  none: string,
): ReturnType<Propose> {
  const { hive, context } = from;
  const main = mainBox(hive);
  let arrangement = asIs(hive);
  let freed = 0;
  for (const side of ['left', 'right'] as const) {
    const { frames } = boxNamed(arrangement, main.id);
    const nest = broodSpan(frames);
    if (!nest) break;
    const at = side === 'left' ? nest.first - 1 : nest.last + 1;
    const inTheWay = frames[at];
    if (!inTheWay || !isInTheWay(inTheWay) || !isFree(inTheWay, context)) continue;
    arrangement = swapForNew(arrangement, inTheWay.id, main.id, () => (side === 'left' ? nest.first - 1 : at), from);
    freed += 1;
  }
  // Between brood frames it is worst of all.
  for (const frame of boxNamed(arrangement, main.id).frames) {
    const { frames } = boxNamed(arrangement, main.id);
    const nest = broodSpan(frames);
    const at = frames.indexOf(frame);
    if (!nest || at <= nest.first || at >= nest.last || !isInTheWay(frame) || !isFree(frame, context)) continue;
    arrangement = moveFrame(arrangement, frame.id, null);
    arrangement = fillUp(arrangement, main.id, from);
    freed += 1;
  }
  return freed > 0 ? inOneHive(arrangement) : inOneHive(arrangement, none);
}

/** A second brood box of comb on the brood. */
export const addBroodBox: Propose = (from) => {
  const main = broodBoxes(from.hive).at(-1);
  if (!main) throw new Error('A hive has at least one brood box');
  const box = boxLike(main, from.newId());
  const level = from.hive.boxes.indexOf(main) + 1;
  const added = addBox(asIs(from.hive), WHOLE, box, level);
  return inOneHive(fillUp(added, box.id, from));
};

/** A super over the excluder, under the supers that are there already. */
export const addSuper: Propose = (from) => {
  const { hive } = from;
  const first = supers(hive)[0];
  const brood = broodBoxes(hive).at(-1);
  const like = first ?? brood;
  if (!like || !brood) throw new Error('A hive has at least one brood box');
  const level = hive.boxes.indexOf(brood) + 1;
  const box = boxLike(like, from.newId(), 'super', first?.under === 'open' ? 'open' : 'excluder');
  const lifted = {
    boxes: hive.boxes.map((one) =>
      one === first && first.under === 'excluder' ? { ...one, under: 'open' as const } : one,
    ),
  };
  const added = addBox(asIs(lifted), WHOLE, box, level);
  return inOneHive(fillUp(added, box.id, from));
};
