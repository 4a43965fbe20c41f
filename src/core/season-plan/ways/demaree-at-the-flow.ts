import type { Way } from '../way';
import { superAhead } from './super-ahead';

/** The brood goes up when the main flow comes, before the colony thinks of swarming. */
export const demareeAtTheFlow: Way = {
  name: 'demaree',
  choices: ['method'],
  acts: [
    {
      ...superAhead,
      hangsOn: 'swarms',
      days: { from: -7, ideal: 4, to: 21 },
    },
    {
      code: 'demaree',
      method: ['demaree', 'part-demaree'],
      hangsOn: 'flow',
      days: { from: -14, ideal: -4, to: 10 },
      givesWayTo: ['charged-cells', 'swarmed', 'no-laying-queen', 'other-method'],
    },
  ],
};
