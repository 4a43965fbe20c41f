import { type Box, broodBoxes, type Hive } from './hive';

const isTold = ({ coveredSeams }: Box): boolean => typeof coveredSeams === 'number';

/**
 * Frames of a box that bees cover: as its seams were counted; where they were only counted for the hive, those that no box was told
 * to have are spread evenly over the brood boxes that were not counted. Never more than it has frames.
 *
 * @param inAll seams covered in the hive; null: not counted
 */
export function coveredIn(box: Box, hive: Hive, inAll: number | null): number {
  const { frames, coveredSeams, role } = box;
  if (typeof coveredSeams === 'number') return Math.min(frames.length, coveredSeams);
  const nests = broodBoxes(hive);
  const left = (inAll ?? 0) - sum(nests.filter(isTold).map((one) => one.coveredSeams ?? 0));
  const places = sum(nests.filter((one) => !isTold(one)).map((one) => one.frames.length));
  return role !== 'brood' || places === 0 ? 0 : Math.min(frames.length, Math.max(0, left * frames.length) / places);
}

/** Covered seams of the brood boxes together, where they were counted by box; null: of none. */
export function coveredByBox(hive: Hive): number | null {
  const told = broodBoxes(hive).filter(isTold);
  return told.length === 0 ? null : sum(told.map(({ coveredSeams }) => coveredSeams ?? 0));
}

const sum = (values: readonly number[]) => values.reduce((all, one) => all + one, 0);
