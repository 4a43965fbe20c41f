import type { Arrangement } from '../arrangement';
import { newFrame } from '../frame-traits';
import type { Box, Frame } from '../hive';
import { say } from '../says';
import { spareFood } from './food';
import { layInto, layNest } from './lay-nest';
import type { Proposal, ProposalFrom, Propose } from './proposal';
import { refill } from './refill';
import {
  boxLike,
  freeBrood,
  herFrameAfter,
  mainBox,
  NUC_PLACES,
  parted,
  queensFrame,
  sealedOn,
  shakeable,
} from './tools';

/** Frames of brood that go with the queen of a split. */
const QUEEN_SPLIT_BROOD = 3;

export const NO_CLEAN_FRAME = say('no-brood-free-of-cells');
export const FEED_NUC = say('no-stores-for-the-nuc');

/** A nuc box with these frames in the order of a nest, filled up with comb, beside what stays. */
export function intoNuc(from: ProposalFrom, brood: readonly Frame[], food: readonly Frame[]): Arrangement {
  const { hive, newId, fill } = from;
  const nuc: Box = { ...boxLike(mainBox(hive), newId(), 'brood'), places: NUC_PLACES };
  const frames = layNest({ brood, food }, NUC_PLACES, 'both-sides', () => newFrame(newId(), nuc.size, fill));
  const arrangement = layInto(parted(hive, 'parent', 'nuc', nuc), nuc.id, frames);
  return refill(arrangement, hive, from);
}

/** The queen into a nuc with `howMany` frames of brood and food beside them; the parent is left as it stands. */
function queenIntoNuc(from: ProposalFrom, howMany: number, isShaken: boolean): Proposal {
  const hers = queensFrame(from);
  const more = [...freeBrood(from, hers)].sort((a, b) => sealedOn(b) - sealedOn(a)).slice(0, howMany - 1);
  const brood = hers ? [hers, ...more] : more;
  const food = spareFood(from, brood);
  const arrangement = intoNuc(from, brood, food);
  return {
    arrangement,
    shaken: isShaken ? shakeable(from, brood) : [],
    queenFrameId: herFrameAfter(from, hers),
    queenUnit: 'nuc',
    cellUnit: 'parent',
    notes: [
      ...(hers ? [] : [NO_CLEAN_FRAME]),
      ...(more.length < howMany - 1 ? [say('too-few-frames-free-of-cells')] : []),
      ...(food.length > 0 ? [] : [FEED_NUC]),
    ],
  };
}

/** One frame of brood in all stages with the queen, stores beside it, bees of two more frames shaken in. */
export const nucSwarm: Propose = (from) => queenIntoNuc(from, 1, true);

/** The queen goes with three frames of brood and stores. */
export const queenSplit: Propose = (from) => queenIntoNuc(from, QUEEN_SPLIT_BROOD, false);
