import { isHoneyFrame, isPollenFrame, isStoresFrame } from '../frame-traits';
import { type Frame, type Hive, supers } from '../hive';
import { say } from '../says';
import type { ProposalFrom } from './proposal';
import { bodyFrames, hasNoCells, isFree } from './tools';

/** With this many frames of stores a hive can spare two, and still has one to either side of its brood. */
const CAN_SPARE_TWO = 4;
const CAN_SPARE_ONE = 2;

export const FOOD_OUT = say('food-taken-out');

/**
 * Whether a frame may leave the brood boxes: their last frame of stores or of pollen stays, and so does the hive’s last of honey, its
 * supers counted.
 *
 * @param frames all of the brood boxes, the frame among them
 * @param above those of the supers
 */
export function mayLeave(frame: Frame, frames: readonly Frame[], above: readonly Frame[]): boolean {
  const isLast = (is: (one: Frame) => boolean, all: readonly Frame[]) =>
    is(frame) && !all.some((one) => one.id !== frame.id && is(one));
  return (
    frame.kind === 'comb' &&
    !isLast(isStoresFrame, frames) &&
    !isLast(isPollenFrame, frames) &&
    !isLast(isHoneyFrame, [...frames, ...above])
  );
}

/** The frames of a hive’s supers. */
export const superFrames = (hive: Hive): readonly Frame[] => supers(hive).flatMap(({ frames }) => frames);

/**
 * Frames of food that a hive can give to a part of it, at most two: one of honey and one of pollen where it has both to spare, taken
 * from either wall, so that food is left beside what stays. None of a hive that has but one.
 *
 * @param above frames of supers that stay with what gives
 */
export function spareFood(
  { hive, context }: ProposalFrom,
  taken: readonly Frame[],
  atMost = 2,
  above: readonly Frame[] = superFrames(hive),
): readonly Frame[] {
  const body = bodyFrames(hive);
  const stores = body.filter(isStoresFrame);
  const many = stores.length >= CAN_SPARE_TWO ? 2 : stores.length >= CAN_SPARE_ONE ? 1 : 0;
  const free = stores.filter((frame) => hasNoCells(frame, context) && isFree(frame, context) && !taken.includes(frame));
  const spare: Frame[] = [];
  const left = () => stores.filter((frame) => !spare.includes(frame));
  // Honey is what a new unit starves without; pollen comes second.
  const honeyFirst = [...free].sort((a, b) => Number(isPollenFrame(a)) - Number(isPollenFrame(b)));
  const wants = [honeyFirst, [...honeyFirst].reverse()];
  for (const row of wants.slice(0, Math.min(many, atMost))) {
    const found = row.find((frame) => !spare.includes(frame) && mayLeave(frame, left(), above));
    if (found) spare.push(found);
  }
  return spare;
}
