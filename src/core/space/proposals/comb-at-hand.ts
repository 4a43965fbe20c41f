import { type Arrangement, addFrame, boxesOf, moveFrame, placeOf } from '../arrangement';
import { broodSpan, isEmptyFrame, isHoneyFrame, isStoresFrame, newFrame } from '../frame-traits';
import { type Box, broodBoxes, type Frame, layingBoxes, tenthsOn } from '../hive';
import { WHOLE } from '../whole';
import { mayLeave, superFrames } from './food';
import type { ProposalFrom } from './proposal';
import { boxNamed, isFree } from './tools';

export type NestSide = 'left' | 'right';
export const NEST_SIDES = ['left', 'right'] as const;

/** The frame that hangs beside the brood on one side; null: the brood reaches the wall, or there is none. */
export function besideBrood({ frames }: Box, side: NestSide): Frame | null {
  const span = broodSpan(frames);
  if (!span) return null;
  return frames[side === 'left' ? span.first - 1 : span.last + 1] ?? null;
}

const isDrawnAndEmpty = (frame: Frame) => isEmptyFrame(frame) && tenthsOn(frame, ['undrawn']) === 0;

/** Drawn comb in which nothing is, hanging where no brood is beside it. */
export function idleComb(box: Box): readonly Frame[] {
  const beside = NEST_SIDES.map((side) => besideBrood(box, side));
  const span = broodSpan(box.frames);
  return box.frames.filter(
    (frame, at) => isDrawnAndEmpty(frame) && !beside.includes(frame) && !(span && at > span.first && at < span.last),
  );
}

/** Nights are known to be too cold for open brood above an excluder: only sealed brood goes up. */
export const isOnlySealedUp = ({ context: { coldestNightC, onlySealedUpBelowC } }: ProposalFrom): boolean =>
  coldestNightC !== null && coldestNightC < onlySealedUpBelowC;

/** Nights are cold, or nobody noted how cold they are. */
export const isCold = ({ context: { coldestNightC, warmNightC } }: ProposalFrom): boolean =>
  coldestNightC === null || coldestNightC < warmNightC;

export const hiveNow = ({ units }: Arrangement) => {
  const found = units.find(({ name }) => name === WHOLE);
  if (!found) throw new Error('These frames are of one hive');
  return found.hive;
};

/** Frames of the brood boxes as they hang now. */
export const bodyNow = (arrangement: Arrangement): readonly Frame[] =>
  broodBoxes(hiveNow(arrangement)).flatMap(({ frames }) => frames);

/** Where comb goes that comes beside the brood of a box: just outside it on that side; `at` among the frames without it. */
function placeBeside(arrangement: Arrangement, boxId: string, side: NestSide): number {
  const { frames } = boxNamed(arrangement, boxId);
  const span = broodSpan(frames);
  if (!span) return Math.floor(frames.length / 2);
  return side === 'left' ? span.first : span.last + 1;
}

/** A comb of the box itself comes beside its brood; nothing leaves. */
export function movedBeside(arrangement: Arrangement, frame: Frame, boxId: string, side: NestSide): Arrangement {
  const lifted = moveFrame(arrangement, frame.id, null);
  return moveFrame(lifted, frame.id, { boxId, at: placeBeside(lifted, boxId, side) });
}

/** Idle drawn comb of the same size in a box in which the queen does not lay. */
function combElsewhere(arrangement: Arrangement, size: string): Frame | null {
  const hive = hiveNow(arrangement);
  const laying = layingBoxes(hive);
  const others = boxesOf(arrangement).flatMap(({ box }) => (laying.includes(box) || box.size !== size ? [] : [box]));
  return (
    others.flatMap((box) => (box.role === 'super' ? box.frames.filter(isDrawnAndEmpty) : idleComb(box)))[0] ?? null
  );
}

/**
 * A frame leaves a box and drawn comb comes beside the brood in its stead: comb that hangs idle above the queen’s part, the frame
 * going up in its place; else new comb, and the frame is taken out.
 */
export function exchanged(
  arrangement: Arrangement,
  leaving: Frame,
  boxId: string,
  side: NestSide,
  { newId, fill }: ProposalFrom,
): Arrangement {
  const { size } = boxNamed(arrangement, boxId);
  const comb = combElsewhere(arrangement, size);
  if (comb) {
    const up = placeOf(arrangement, comb.id);
    if (!up) throw new Error('It hangs somewhere');
    const freed = moveFrame(moveFrame(arrangement, comb.id, null), leaving.id, { boxId: up.boxId, at: up.at });
    return moveFrame(freed, comb.id, { boxId, at: placeBeside(freed, boxId, side) });
  }
  const without = moveFrame(arrangement, leaving.id, null);
  return addFrame(without, newFrame(newId(), size, fill), { boxId, at: placeBeside(without, boxId, side) });
}

/** Whether drawn comb can be had at all: at hand, or idle above the queen’s part. */
export const hasDrawn = (arrangement: Arrangement, size: string, { fill }: ProposalFrom): boolean =>
  fill === 'empty' || combElsewhere(arrangement, size) !== null;

/**
 * A frame that can make way for comb: not brood, not hers, no kept cell, not the last of stores or pollen; honey before pollen before
 * anything else, and the nearest to the wall on that side. At cold nights it is not the last food beside the brood.
 */
export function spareFrame(arrangement: Arrangement, box: Box, side: NestSide, from: ProposalFrom): Frame | null {
  const body = bodyNow(arrangement);
  const row = side === 'left' ? box.frames : [...box.frames].reverse();
  const spares = row.filter(
    (frame) =>
      frame.kind === 'comb' &&
      // Nobody knows what hangs there: it could be brood.
      tenthsOn(frame, ['eggs', 'larvae', 'sealed', 'drone', 'unseen']) === 0 &&
      isFree(frame, from.context) &&
      mayLeave(frame, body, superFrames(hiveNow(arrangement))) &&
      !(isCold(from) && isLastBeside(box, frame)),
  );
  const rank = (frame: Frame) => (isHoneyFrame(frame) ? 0 : isStoresFrame(frame) ? 1 : 2);
  return [...spares].sort((a, b) => rank(a) - rank(b))[0] ?? null;
}

/** It is the only frame of stores that hangs beside the brood. */
export function isLastBeside(box: Box, frame: Frame): boolean {
  const beside = NEST_SIDES.map((side) => besideBrood(box, side)).filter((one) => one !== null && isStoresFrame(one));
  return beside.length === 1 && beside[0] === frame;
}
