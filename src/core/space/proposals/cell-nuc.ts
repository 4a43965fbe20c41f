import { isBroodFrame } from '../hive';
import { say } from '../says';
import { spareFood } from './food';
import type { Propose } from './proposal';
import { FEED_NUC, intoNuc } from './queen-into-nuc';
import { best, bodyFrames, broodOn, freeBrood, isFree, sealedOn, shakeable } from './tools';

/** A frame with a cell to spare, brood with it, and food: never the queen's frame, never a cell that the colony keeps. */
export const cellNuc: Propose = (from) => {
  const { hive, context } = from;
  const spare = bodyFrames(hive).filter((frame) => context.cellFrames.has(frame.id) && isFree(frame, context));
  const withCell = best(spare, broodOn);
  // What is sealed hatches into nurses by the time that she is out; what is open would want feeding.
  const brood = withCell && isBroodFrame(withCell) ? null : best(freeBrood(from, null), sealedOn);
  const nest = [withCell, brood].filter((frame) => frame !== null);
  const food = spareFood(from, nest);
  return {
    arrangement: intoNuc(from, nest, food),
    shaken: shakeable(from, nest),
    queenFrameId: context.queenFrameId,
    queenUnit: context.queenFrameId === null ? null : 'parent',
    cellUnit: 'parent',
    notes: [
      ...(withCell ? [] : [say('no-cell-to-spare')]),
      ...((withCell && isBroodFrame(withCell)) || brood ? [] : [say('no-brood-free-to-go')]),
      ...(food.length > 0 ? [] : [FEED_NUC]),
    ],
  };
};
