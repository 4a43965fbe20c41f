import { sizeOf } from '../frame-size';
import { newFrame } from '../frame-traits';
import { type Box, type Hive, layingBoxes, supers } from '../hive';
import type { ProposalFrom } from './proposal';

/** Supers as they stand, the lowest over an excluder. */
export const overExcluder = (above: readonly Box[]): readonly Box[] =>
  above.map((box, i) => (i === 0 ? { ...box, under: 'excluder' as const } : box));

/** The level above the boxes in which the queen lays. */
export const aboveNest = (hive: Hive): number => {
  const top = layingBoxes(hive).at(-1);
  return top ? hive.boxes.indexOf(top) + 1 : 1;
};

/** The supers of a hive; where it has none, a new one of the keeper’s usual size. */
export function supersOrNew(hive: Hive, from: ProposalFrom): readonly Box[] {
  const there = supers(hive);
  return there.length > 0 ? there : [newSuper(from)];
}

/** A super of the keeper’s usual size, filled. */
export function newSuper({ newId, usualSuper, sizes, fill }: ProposalFrom): Box {
  const { id: size, places } = sizeOf(usualSuper, sizes);
  const frames = Array.from({ length: places }, () => newFrame(newId(), size, fill));
  return { id: newId(), role: 'super', size, places, under: 'open', frames };
}
