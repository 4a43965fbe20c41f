import type { Way } from '../way';
import { superAhead } from './super-ahead';

/** Split before the season, once drones fly; what more colonies are wanted are nucs with the cells that can be spared a week later. */
export const increase: Way = {
  name: 'increase',
  choices: ['count', 'method'],
  acts: [
    {
      code: 'split',
      method: ['queen-split', 'walk-away', 'even-split', 'vertical-split'],
      hangsOn: 'swarms',
      days: { from: 7, ideal: 17, to: 31 },
      givesWayTo: ['charged-cells', 'swarmed', 'no-laying-queen', 'other-method'],
    },
    {
      code: 'nuc',
      method: 'cell-nuc',
      hangsOn: { act: 'split' },
      days: { from: 6, ideal: 7, to: 8 },
      onceForEachBeyond: 1,
      givesWayTo: ['swarmed'],
    },
    superAhead,
  ],
};
