import { figure } from '../../biology/figure';
import { type Arrangement, boxesOf } from '../arrangement';
import { BROOD } from '../content';
import { hasAllStages, hasYoungBrood } from '../frame-traits';
import {
  type Box,
  type BoxRole,
  broodBoxes,
  type Frame,
  framesOf,
  type Hive,
  isBroodFrame,
  layingBoxes,
  tenthsOn,
} from '../hive';
import type { ProposalFrom } from './proposal';

/** Frames that a nuc box holds. */
export const NUC_PLACES = figure('places-of-a-nuc', 6, 'frames', 'practice').value;

/** Frames whose bees are shaken into a nuc. */
export const SHAKEN_INTO_NUC = figure('shaken-into-a-nuc', 2, 'frames', 'practice').value;

/** The box that holds most of the brood of those in which the queen lays; the lowest of equals. */
export function mainBox(hive: Hive): Box {
  const below = layingBoxes(hive);
  const [first, ...others] = below.length > 0 ? below : broodBoxes(hive);
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
export const boxLike = ({ size, places }: Box, id: string, role: BoxRole, under: Box['under'] = 'open'): Box => ({
  id,
  size,
  places,
  role,
  under,
  frames: [],
});

/** Neither the queen nor a kept cell is on it. */
export function isFree({ id }: Frame, { queenFrameId, keptCellFrames }: ProposalFrom['context']): boolean {
  return id !== queenFrameId && !keptCellFrames.has(id);
}

/** No live cell at all is on it. */
export function hasNoCells({ id }: Frame, { keptCellFrames, cellFrames }: ProposalFrom['context']): boolean {
  return !keptCellFrames.has(id) && !cellFrames.has(id);
}

export const sealedOn = (frame: Frame): number => tenthsOn(frame, ['sealed']);
export const broodOn = (frame: Frame): number => tenthsOn(frame, BROOD);
/** Open brood on it: what keeps a queen’s workers at home, and what chills. */
export const youngOn = (frame: Frame): number => (hasYoungBrood(frame) ? tenthsOn(frame, ['eggs', 'larvae']) : 0);

/** The frame that scores highest; the first of equals; null where there is none. */
export function best(frames: readonly Frame[], score: (frame: Frame) => number): Frame | null {
  return frames.reduce<Frame | null>((most, one) => (most && score(most) >= score(one) ? most : one), null);
}

/** The frames of the brood boxes. */
export const bodyFrames = (hive: Hive): readonly Frame[] => broodBoxes(hive).flatMap(({ frames }) => frames);

/** Frames of brood on which no cell hangs and the queen is not, the box that the queen is in first. */
export function freeBrood(from: ProposalFrom, hers: Frame | null): readonly Frame[] {
  const { hive, context } = from;
  const near = broodBoxes(hive).find(({ frames }) => hers !== null && frames.includes(hers));
  const boxes = [...broodBoxes(hive)].sort((a, b) => Number(b === near) - Number(a === near));
  return boxes
    .flatMap(({ frames }) => frames)
    .filter((frame) => frame !== hers && isBroodFrame(frame) && hasNoCells(frame, context) && isFree(frame, context));
}

/**
 * The frame that goes with the queen: hers; where a kept cell hangs on it another, which she is run over to by hand; where she was
 * not found the best one, all stages on it and free of cells. Null: no frame of brood is free of cells; but one with cells that are
 * not kept, to be broken down first, is better for her than the one of the kept cell.
 */
export function queensFrame({ hive, context }: ProposalFrom): Frame | null {
  const hers = framesOf(hive).find(({ id }) => id === context.queenFrameId);
  if (hers && !context.keptCellFrames.has(hers.id)) return hers;
  const clean = bodyFrames(hive).filter((frame) => isBroodFrame(frame) && hasNoCells(frame, context));
  const free =
    clean.length > 0 || !hers
      ? clean
      : bodyFrames(hive).filter((frame) => isBroodFrame(frame) && !context.keptCellFrames.has(frame.id));
  return best(free, (frame) => (hasAllStages(frame) ? 100 : 0) + broodOn(frame));
}

/** The frame that she is known to be on afterwards: null where nobody knows where she is. */
export const herFrameAfter = ({ context }: ProposalFrom, hers: Frame | null): string | null =>
  context.queenFrameId === null ? null : (hers?.id ?? context.queenFrameId);

/** Frames whose bees can be shaken off: brood, with neither queen nor cell; those with most open brood have most nurses. */
export function shakeable(from: ProposalFrom, moved: readonly (Frame | null)[]): readonly string[] {
  return freeBrood(from, null)
    .filter((frame) => !moved.includes(frame))
    .sort((a, b) => youngOn(b) - youngOn(a))
    .slice(0, SHAKEN_INTO_NUC)
    .map(({ id }) => id);
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
