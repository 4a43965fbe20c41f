import type { Said } from '../../says/said';
import { type Arrangement, hiveOf } from '../arrangement';
import { broodSpan, isHoneyFrame, isPollenFrame, isStoresFrame } from '../frame-traits';
import { type Box, type Frame, layingBoxes, tenthsOn } from '../hive';
import { boundIn } from '../room';
import { say } from '../says';
import { WHOLE } from '../whole';
import {
  besideBrood,
  bodyNow,
  exchanged,
  hasDrawn,
  hiveNow,
  idleComb,
  isCold,
  isLastBeside,
  movedBeside,
  NEST_SIDES,
  type NestSide,
} from './comb-at-hand';
import { FOOD_OUT, mayLeave, superFrames } from './food';
import { asIs, inOneHive, type Proposal, type ProposalFrom, type Propose } from './proposal';
import { isFree } from './tools';

const NOT_DRAWN = say('no-drawn-comb');

/** Honey that hems the brood in goes up or out, and comb to lay in comes beside the brood. */
export const honeyBound: Propose = (from) => freed(from, isHoneyFrame, say('no-honey-hems'));

/** Pollen goes up or out, and comb to lay in comes beside the brood. */
export const pollenBound: Propose = (from) => freed(from, isPollenFrame, say('no-pollen-hems'));

const layingNow = (arrangement: Arrangement) => layingBoxes(hiveOf(arrangement, WHOLE));

/** What hems in the boxes in which she lays; null: nothing any more. */
export const boundNow = (arrangement: Arrangement, from: ProposalFrom) =>
  boundIn(hiveOf(arrangement, WHOLE), from.wouldLayPerDay, from.flow, from);

interface InTheWay {
  readonly frame: Frame;
  readonly box: Box;
  readonly side: NestSide;
  /** 0: between brood; 1: beside it; more: further off. */
  readonly distance: number;
}

function freed(from: ProposalFrom, isIt: (frame: Frame) => boolean, none: Said): Proposal {
  let arrangement = asIs(from.hive);
  const gone = new Set<string>();
  // What stands in the way goes first; then as much as it takes until she is hemmed in no more.
  // Each frame is set beside at most once and goes at most once.
  const steps = 2 * from.hive.boxes.reduce((sum, { frames }) => sum + frames.length, 0);
  for (let step = 0; step < steps; step += 1) {
    const bound = boundNow(arrangement, from);
    const found = waysIn(arrangement, from, isIt, gone).find(({ distance }) => distance <= 1 || bound !== null);
    if (!found) break;
    const { frame, box, side, distance } = found;
    const [idle] = distance === 1 ? idleComb(box) : [];
    if (idle) arrangement = movedBeside(arrangement, idle, box.id, side);
    else if (!mayLeave(frame, bodyNow(arrangement), superFrames(hiveNow(arrangement)))) {
      // The last of its kind stays, but not between brood.
      arrangement = movedBeside(arrangement, frame, box.id, side);
      gone.add(frame.id);
    } else {
      if (!hasDrawn(arrangement, box.size, from) && gone.size >= 2) break;
      arrangement = exchanged(arrangement, frame, box.id, side, from);
      gone.add(frame.id);
    }
  }
  const isSame = arrangement.units[0]?.hive === from.hive;
  const bound = boundNow(arrangement, from);
  const notes = [
    ...(isSame && bound === null ? [none] : []),
    ...(bound === null ? [] : [stillBound(arrangement, from)]),
    ...(arrangement.out.some(isStoresFrame) ? [FOOD_OUT] : []),
  ];
  return inOneHive(from, arrangement, ...notes);
}

/** Frames of that kind that could go, those that stand most in the way first. */
function waysIn(
  arrangement: Arrangement,
  from: ProposalFrom,
  isIt: (frame: Frame) => boolean,
  gone: ReadonlySet<string>,
): readonly InTheWay[] {
  const body = bodyNow(arrangement);
  const above = superFrames(hiveNow(arrangement));
  const laying = layingNow(arrangement);
  const bound = boundNow(arrangement, from);
  // Bound by honey and pollen together: once the honey has gone as far as it may, pollen follows.
  const isKind = (frame: Frame) => isIt(frame) || (bound !== null && isStoresFrame(frame));
  return laying
    .flatMap((box) => {
      const span = broodSpan(box.frames);
      const middle = box.frames.length / 2;
      return box.frames.flatMap((frame, at): InTheWay[] => {
        const side = at < (span ? (span.first + span.last) / 2 : middle) ? 'left' : 'right';
        const distance = !span ? 2 : at < span.first ? span.first - at : at > span.last ? at - span.last : 0;
        const isOff =
          !isKind(frame) ||
          gone.has(frame.id) ||
          tenthsOn(frame, ['eggs', 'larvae', 'sealed', 'drone']) > 0 ||
          !isFree(frame, from.context) ||
          (distance > 0 && !mayLeave(frame, body, above)) ||
          // The side is open already, and nothing more has to go.
          (distance === 1 && bound === null && isOpenOnBoth(box, side));
        if (isOff || (isCold(from) && span !== null && isLastBeside(box, frame))) return [];
        return [{ frame, box, side, distance }];
      });
    })
    .sort((a, b) => Number(isIt(b.frame)) - Number(isIt(a.frame)) || a.distance - b.distance);
}

const isOpenOnBoth = (box: Box, side: NestSide) => {
  const beside = besideBrood(box, side);
  return beside !== null && tenthsOn(beside, ['empty']) > 0 && !isStoresFrame(beside);
};

/** Why she is hemmed in still. */
function stillBound(arrangement: Arrangement, from: ProposalFrom): Said {
  const [box] = layingNow(arrangement);
  if (box && !hasDrawn(arrangement, box.size, from)) return NOT_DRAWN;
  const sides = NEST_SIDES.length;
  return bodyNow(arrangement).filter(isStoresFrame).length <= sides
    ? say('short-of-room-on-brood-frames')
    : say('short-of-room-food-beside');
}
