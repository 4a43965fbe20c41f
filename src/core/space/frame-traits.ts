import { BROOD, CONTENTS, type Content, type Side, STORED, wholeSide } from './content';
import { type Frame, isBroodFrame, tenthsOn } from './hive';

/** Of the twenty tenths of a frame's two sides. */
const HALF = 10;
const SOME = 2;

/** A frame that is the same all over: drawn comb, foundation, or full of honey. */
export function newFrame(id: string, size: string, holds: 'empty' | 'undrawn' | 'honey'): Frame {
  const side: Side = wholeSide(holds);
  return { id, kind: 'comb', size, sides: [side, side] };
}

/** A board that closes a box whose frames do not fill it. */
export const newDummy = (id: string, size: string): Frame => ({ id, kind: 'dummy', size, sides: null });

/** A feeder in a frame’s place. */
export const newFeeder = (id: string, size: string): Frame => ({ id, kind: 'feeder', size, sides: null });

/** What most of a frame holds; the brood of all ages counts as one. Null for what is no comb. */
export function mainContent(frame: Frame): Content | 'brood' | null {
  if (!frame.sides) return null;
  const groups: readonly [Content | 'brood', number][] = [
    ['brood', tenthsOn(frame, BROOD)],
    ...CONTENTS.filter((content) => !(BROOD as readonly Content[]).includes(content)).map(
      (content) => [content, tenthsOn(frame, [content])] as [Content, number],
    ),
  ];
  return groups.reduce((most, one) => (one[1] > most[1] ? one : most))[0];
}

/** Eggs or open larvae on it: brood that must be kept warm and fed. */
export const hasYoungBrood = (frame: Frame): boolean => tenthsOn(frame, ['eggs', 'larvae']) >= SOME;
/** Eggs on it, from which a queen can be raised. */
export const hasEggs = (frame: Frame): boolean => tenthsOn(frame, ['eggs']) > 0;
export const hasAllStages = (frame: Frame): boolean => BROOD.every((content) => tenthsOn(frame, [content]) > 0);
export const isMainlySealed = (frame: Frame): boolean => mainContent(frame) === 'brood' && !hasYoungBrood(frame);
export const isStoresFrame = (frame: Frame): boolean => tenthsOn(frame, STORED) >= HALF && !isBroodFrame(frame);
export const isPollenFrame = (frame: Frame): boolean => tenthsOn(frame, ['pollen']) >= HALF && !isBroodFrame(frame);
export const isHoneyFrame = (frame: Frame): boolean =>
  tenthsOn(frame, ['honey', 'nectar']) >= HALF && !isBroodFrame(frame);
/** Nothing in it, drawn or not. */
export const isEmptyFrame = (frame: Frame): boolean =>
  frame.kind === 'comb' && tenthsOn(frame, ['empty', 'undrawn']) === 2 * HALF;

/** First and last place of the brood in a row of frames; null: no brood. */
export function broodSpan(frames: readonly Frame[]): { readonly first: number; readonly last: number } | null {
  const first = frames.findIndex(isBroodFrame);
  return first < 0 ? null : { first, last: frames.findLastIndex(isBroodFrame) };
}
