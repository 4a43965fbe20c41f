import { broodSpan, isEmptyFrame, isHoneyFrame, isPollenFrame, isStoresFrame } from '../frame-traits';
import { type Box, type Frame, isBroodFrame } from '../hive';
import { NUC_PLACES } from './tools';

/** From the brood to the wall, on either side. */
function outwards(frames: readonly Frame[]): readonly (readonly Frame[])[] {
  const span = broodSpan(frames);
  return span ? [frames.slice(0, span.first).reverse(), frames.slice(span.last + 1)] : [];
}

export const foodBeside = (frames: readonly Frame[]) =>
  outwards(frames).filter(([first]) => first !== undefined && isStoresFrame(first)).length;

export const hasCombBeforeFood = (frames: readonly Frame[]) =>
  outwards(frames).some((row) => {
    const food = row.findIndex(isStoresFrame);
    return food > 0 && row.slice(0, food).some(isEmptyFrame);
  });

export const isOutOfOrder = (frames: readonly Frame[]) =>
  outwards(frames).some((row) => {
    const honey = row.findIndex(isHoneyFrame);
    return honey >= 0 && row.slice(honey + 1).some((frame) => isPollenFrame(frame) && !isHoneyFrame(frame));
  });

export function isParted(frames: readonly Frame[]): boolean {
  const span = broodSpan(frames);
  return span !== null && frames.slice(span.first, span.last + 1).some((frame) => !isBroodFrame(frame));
}

/** Further from the middle than this many places the brood of a new full-size box stands to one side. */
const OFF_MIDDLE = 1.5;

export function isOffMiddle({ frames, places }: Box): boolean {
  const span = broodSpan(frames);
  return (
    span !== null &&
    places > NUC_PLACES &&
    Math.abs((span.first + span.last) / 2 - (frames.length - 1) / 2) > OFF_MIDDLE
  );
}
