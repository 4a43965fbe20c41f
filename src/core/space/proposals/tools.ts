import { type Arrangement, addFrame, boxesOf, moveFrame } from '../arrangement';
import { BROOD } from '../content';
import { broodSpan, hasYoungBrood, isHoneyFrame, isPollenFrame, isStoresFrame, newFrame } from '../frame-traits';
import { type Box, type BoxRole, broodBoxes, type Frame, type Hive, isBroodFrame, tenthsOn } from '../hive';
import type { ProposalFrom } from './proposal';

/** The brood box that holds most of the brood; the lowest of equals. Throws where there is no brood box. */
export function mainBox(hive: Hive): Box {
  const [first, ...others] = broodBoxes(hive);
  if (!first) throw new Error('A hive has at least one brood box');
  return others.reduce((most, box) => (broodIn(box) > broodIn(most) ? box : most), first);
}

const broodIn = ({ frames }: Box) => frames.filter(isBroodFrame).length;

export function boxNamed(arrangement: Arrangement, boxId: string): Box {
  const found = boxesOf(arrangement).find(({ box }) => box.id === boxId);
  if (!found) throw new Error(`No box ${boxId}`);
  return found.box;
}

/** An empty box of the size and spacing of another. */
export const boxLike = (box: Box, id: string, role: BoxRole = box.role, under: Box['under'] = 'open'): Box => ({
  ...box,
  id,
  role,
  under,
  frames: [],
});

/** The outermost frame that can leave a box: no brood, not the queen’s, no kept cell; honey rather than comb to lay in. */
export function outermostSpare(box: Box, { context }: Pick<ProposalFrom, 'context'>): Frame | null {
  const fromWalls = box.frames
    .map((frame, at) => ({ frame, fromWall: Math.min(at, box.frames.length - 1 - at) }))
    .filter(({ frame }) => !isBroodFrame(frame) && isFree(frame, context))
    .sort((a, b) => Number(isHoneyFrame(b.frame)) - Number(isHoneyFrame(a.frame)) || a.fromWall - b.fromWall);
  return fromWalls[0]?.frame ?? null;
}

/** Neither the queen nor a kept cell is on it. */
export function isFree({ id }: Frame, { queenFrameId, keptCellFrames }: ProposalFrom['context']): boolean {
  return id !== queenFrameId && !keptCellFrames.has(id);
}

/** No live cell at all is on it. */
export function hasNoCells({ id }: Frame, { keptCellFrames, cellFrames }: ProposalFrom['context']): boolean {
  return !keptCellFrames.has(id) && !cellFrames.has(id);
}

/** Brings new frames into a box until it is full, each just outside the brood, to either side in turn. */
export function fillUp(arrangement: Arrangement, boxId: string, { newId, fill }: ProposalFrom): Arrangement {
  let filled = arrangement;
  for (let side = 0; ; side++) {
    const box = boxNamed(filled, boxId);
    if (box.frames.length >= box.places) return filled;
    const span = broodSpan(box.frames);
    const at = !span ? box.frames.length : side % 2 === 0 ? span.last + 1 : span.first;
    filled = addFrame(filled, newFrame(newId(), box.size, fill), { boxId, at });
  }
}

/** Takes a frame out and brings a new one in beside the brood. */
export function swapForNew(
  arrangement: Arrangement,
  frameId: string,
  boxId: string,
  at: (box: Box) => number,
  { newId, fill }: ProposalFrom,
): Arrangement {
  const without = moveFrame(arrangement, frameId, null);
  const box = boxNamed(without, boxId);
  return addFrame(without, newFrame(newId(), box.size, fill), { boxId, at: at(box) });
}

export const sealedOn = (frame: Frame): number => tenthsOn(frame, ['sealed']);
export const broodOn = (frame: Frame): number => tenthsOn(frame, BROOD);
/** Open brood on it: what keeps a queen’s workers at home, and what chills. */
export const youngOn = (frame: Frame): number => (hasYoungBrood(frame) ? tenthsOn(frame, ['eggs', 'larvae']) : 0);

/** The frame that scores highest; the first of equals; null where there is none. */
export function best(frames: readonly Frame[], score: (frame: Frame) => number): Frame | null {
  return frames.reduce<Frame | null>((most, one) => (most && score(most) >= score(one) ? most : one), null);
}

/** Frames that a nuc box holds. */
export const NUC_PLACES = 6;

/** Frames whose bees are shaken into a nuc. */
export const SHAKEN_INTO_NUC = 2;

/** The frames of the brood boxes. */
export const bodyFrames = (hive: Hive): readonly Frame[] => broodBoxes(hive).flatMap(({ frames }) => frames);

/** The fullest frame of stores free of cells, pollen being wanted as well as honey. */
export function storesFrame(hive: Hive, { context }: ProposalFrom, taken: ReadonlySet<string>): Frame | null {
  const free = bodyFrames(hive).filter(
    (frame) => isStoresFrame(frame) && hasNoCells(frame, context) && isFree(frame, context) && !taken.has(frame.id),
  );
  return best(free, (frame) => (isPollenFrame(frame) ? 0 : 1));
}

/** A hive parted in two: an empty box under a new name beside what stays under the other. */
export function parted(hive: Hive, stays: string, goes: string, box: Box): Arrangement {
  return {
    units: [
      { name: goes, hive: { boxes: [box] } },
      { name: stays, hive },
    ],
    out: [],
  };
}

export function moveAll(arrangement: Arrangement, frames: readonly (Frame | null)[], boxId: string): Arrangement {
  return frames.reduce(
    (so, frame) => (frame ? moveFrame(so, frame.id, { boxId, at: boxNamed(so, boxId).frames.length }) : so),
    arrangement,
  );
}

/** Every brood box of what stays is filled up again beside its brood. */
export function fillAll(arrangement: Arrangement, hive: Hive, from: ProposalFrom): Arrangement {
  return broodBoxes(hive).reduce((so, { id }) => fillUp(so, id, from), arrangement);
}
