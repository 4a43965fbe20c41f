import {
  BEES_ON_FRAME,
  BROOD_CELL,
  CELLS_LANGSTROTH_DEEP,
  DEEP_BOX,
  EMPTY_CELL,
  FRAME_WOOD,
  HONEY_CELL,
} from '../biology/comb';
import { figure } from '../biology/figure';
import { type FrameSize, sizeOf } from './frame-size';
import { type Box, combOf, drawnCells } from './hive';

/** From here on a lift wants help, or frames taken out first. */
export const HEAVY = figure('a-box-is-heavy-from', 15, 'kg', 'caution');

const KG = 1 / 1000;

/**
 * What a box weighs, in kg, from what its frames hold.
 *
 * @param coveredFrames frames of it that bees cover
 */
export function boxWeight(box: Box, coveredFrames: number, sizes: readonly FrameSize[]): number {
  const comb = combOf([box], sizes);
  const drawn = drawnCells(comb);
  const grams =
    (comb.honey + comb.nectar) * HONEY_CELL.value +
    // Of what nobody looked at it is as heavy as brood that is reckoned with, which lies between comb and honey.
    (comb.eggs + comb.larvae + comb.sealed + comb.drone + comb.pollen + comb.unseen) * BROOD_CELL.value +
    drawn * EMPTY_CELL.value;
  const wood = box.frames.length * FRAME_WOOD.value;
  const shell = (DEEP_BOX.value * sizeOf(box.size, sizes).cells) / CELLS_LANGSTROTH_DEEP.value;
  return grams * KG + wood + shell + Math.min(coveredFrames, box.frames.length) * BEES_ON_FRAME.value;
}
