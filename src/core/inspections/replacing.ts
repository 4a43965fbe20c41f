import type { Reading, ReadingName } from './reading';

const SWARMING: ReadonlySet<ReadingName> = new Set(['early-preparing', 'preparing', 'swarm-imminent']);

/** Cells by which the bees replace their queen, by all signs, and do not mean to swarm. Once a virgin is out it is no matter why. */
export const isReplacing = ({ cause, reading }: Pick<Reading, 'cause' | 'reading'>): boolean =>
  cause === 'supersedure' && SWARMING.has(reading);
