import type { ChoiceName, ColonyNow } from './asked';

/** What is held against doing nothing at first: by whether it has a queen, and whether it prepares to swarm. */
export function methodsInOrder({
  queen,
  oldestCellLaid,
}: Pick<ColonyNow, 'queen' | 'oldestCellLaid'>): readonly ChoiceName[] {
  if (!queen) return ['nothing', 'requeen-mated'];
  return oldestCellLaid ? ['nothing', 'nuc-swarm', 'walk-away'] : ['nothing', 'demaree', 'walk-away'];
}
