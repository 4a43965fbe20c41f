import { isSaid, type Said } from '../../says/said';
import { type Arrangement, addFrame, moveFrame } from '../arrangement';
import { broodSpan, isStoresFrame, newFrame } from '../frame-traits';
import { type Box, type Frame, isBroodFrame, tenthsOn } from '../hive';
import { say } from '../says';
import { idleComb, isCold, spareFrame } from './comb-at-hand';
import { FOOD_OUT } from './food';
import { asIs, inOneHive, type ProposalFrom, type Propose } from './proposal';
import { boxNamed, mainBox, sealedOn } from './tools';

/** Frames that one visit brings in between frames of brood. */
const NEW_FRAMES = 2;
/** Of twenty tenths: with more eggs and larvae than this on it a frame is one of young brood, and is not parted from another. */
const MAINLY_YOUNG = 5;

const NO_FRAME = say('no-frame-can-make-way');
const COLD = say('cold-open-the-sides');
const NO_GAP = say('no-gap-left');
const COUNTED = say('only-counted');

/**
 * Empty frames between brood frames: beside brood that is about to emerge, never between two frames of young brood, and two brood
 * frames stay together in the middle. Only at warm nights, and only where the ages of the brood are known frame by frame.
 */
export const interleave: Propose = (from) => {
  const main = mainBox(from.hive);
  const as = asIs(from.hive);
  if (isCold(from)) return inOneHive(from, as, COLD);
  const brood = main.frames.filter(isBroodFrame);
  if (from.areCounted && bestGap(main.frames) === null && brood.some(isMixed)) return inOneHive(from, as, COUNTED);
  let arrangement: Arrangement = as;
  for (let i = 0; i < NEW_FRAMES; i++) {
    const next = withOneMore(arrangement, main.id, from);
    if (isSaid(next)) {
      // One of two is as far as it goes: nothing to complain of.
      return i > 0 && next === NO_GAP ? done(from, arrangement) : done(from, arrangement, next);
    }
    arrangement = next;
  }
  return done(from, arrangement);
};

const isMixed = (frame: Frame) => sealedOn(frame) > 0 && isYoung(frame);

function done(from: ProposalFrom, arrangement: Arrangement, ...notes: readonly Said[]) {
  const out = arrangement.out.some(isStoresFrame) ? [FOOD_OUT] : [];
  return inOneHive(from, arrangement, ...notes, ...out);
}

/** One more empty frame in the nest, or why not. */
function withOneMore(arrangement: Arrangement, boxId: string, from: ProposalFrom): Arrangement | Said {
  const box = boxNamed(arrangement, boxId);
  const gap = bestGap(box.frames);
  if (gap === null) return NO_GAP;
  const before = box.frames[gap] as Frame;
  const at = (now: Box) => now.frames.indexOf(before);
  const [idle] = idleComb(box);
  if (idle) {
    const lifted = moveFrame(arrangement, idle.id, null);
    return moveFrame(lifted, idle.id, { boxId, at: at(boxNamed(lifted, boxId)) });
  }
  const spare = spareFrame(arrangement, box, 'left', from) ?? spareFrame(arrangement, box, 'right', from);
  if (!spare) return NO_FRAME;
  const without = moveFrame(arrangement, spare.id, null);
  const comb = newFrame(from.newId(), box.size, from.fill);
  return addFrame(without, comb, { boxId, at: at(boxNamed(without, boxId)) });
}

/** Where an empty frame does least harm: the place before which it goes; null: nowhere. */
function bestGap(frames: readonly Frame[]): number | null {
  const nest = broodSpan(frames);
  if (!nest || nest.last - nest.first < 2) return null;
  const middle = (nest.first + nest.last + 1) / 2;
  const gaps = Array.from({ length: nest.last - nest.first }, (_, i) => nest.first + i + 1).filter((at) => {
    const [left, right] = [frames[at - 1] as Frame, frames[at] as Frame];
    const isBroodOnBoth = isBroodFrame(left) && isBroodFrame(right);
    const isMiddle = Math.abs(at - middle) < 1 && nest.last - nest.first >= 3;
    return isBroodOnBoth && !isMiddle && !(isYoung(left) && isYoung(right));
  });
  const sealedBeside = (at: number) => sealedOn(frames[at - 1] as Frame) + sealedOn(frames[at] as Frame);
  return gaps.length === 0 ? null : gaps.reduce((most, at) => (sealedBeside(at) > sealedBeside(most) ? at : most));
}

const isYoung = (frame: Frame) => tenthsOn(frame, ['eggs', 'larvae']) > MAINLY_YOUNG;
