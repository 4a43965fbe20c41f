import { type Box, isBroodFrame } from '../hive';
import type { Propose } from './proposal';
import {
  best,
  bodyFrames,
  boxLike,
  broodOn,
  fillAll,
  fillUp,
  hasNoCells,
  isFree,
  mainBox,
  moveAll,
  NUC_PLACES,
  parted,
  SHAKEN_INTO_NUC,
  sealedOn,
  storesFrame,
  youngOn,
} from './tools';

/** A frame with a cell to spare, brood with it, and one of food: never the queen's frame, never a cell that the colony keeps. */
export const cellNuc: Propose = (from) => {
  const { hive, context, newId } = from;
  const nuc: Box = { ...boxLike(mainBox(hive), newId(), 'brood'), places: NUC_PLACES };
  const spare = bodyFrames(hive).filter((frame) => context.cellFrames.has(frame.id) && isFree(frame, context));
  const withCell = best(spare, broodOn);
  // What is sealed hatches into nurses by the time that she is out; what is open would want feeding.
  const brood =
    withCell && isBroodFrame(withCell)
      ? null
      : best(
          bodyFrames(hive).filter(
            (frame) => isBroodFrame(frame) && hasNoCells(frame, context) && isFree(frame, context),
          ),
          sealedOn,
        );
  const taken = new Set([withCell, brood].flatMap((frame) => frame?.id ?? []));
  const stores = storesFrame(hive, from, taken);
  const moved = moveAll(parted(hive, 'parent', 'nuc', nuc), [withCell, brood, stores], nuc.id);
  const shaken = bodyFrames(hive)
    .filter((frame) => isBroodFrame(frame) && hasNoCells(frame, context) && isFree(frame, context) && frame !== brood)
    .sort((a, b) => youngOn(b) - youngOn(a))
    .slice(0, SHAKEN_INTO_NUC);
  return {
    arrangement: fillAll(fillUp(moved, nuc.id, from), hive, from),
    shaken: shaken.map(({ id }) => id),
    queenUnit: context.queenFrameId === null ? null : 'parent',
    cellUnit: 'parent',
    notes: [
      ...(withCell ? [] : ['No frame is known with a cell to spare: note on which frame it hangs, or do not keep it.']),
      ...((withCell && isBroodFrame(withCell)) || brood ? [] : ['No frame of brood is free to go with it.']),
      ...(stores ? [] : ['No frame of stores to give: feed the nuc.']),
    ],
  };
};
