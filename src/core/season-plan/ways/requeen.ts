import type { Way } from '../way';
import { superAhead } from './super-ahead';

/** Another queen by a day: a mated one in a cage, or a ripe cell. */
export const requeen: Way = {
  name: 'requeen',
  choices: ['method', 'by'],
  acts: [
    superAhead,
    {
      code: 'requeen',
      method: ['requeen-mated', 'give-cell'],
      hangsOn: 'by',
      days: { from: -28, ideal: -10, to: 0 },
      givesWayTo: ['swarmed', 'other-method'],
    },
  ],
};
