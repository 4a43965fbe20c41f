import type { Way } from '../way';
import { superAhead } from './super-ahead';

/** Inspected by the week and left alone until there are charged cells; then the swarm is made before it goes. */
export const waitForCells: Way = {
  name: 'wait-for-cells',
  choices: ['method'],
  acts: [
    superAhead,
    {
      code: 'if-cells',
      method: ['nuc-swarm', 'old-site-swarm'],
      hangsOn: 'swarms',
      days: { from: 0, ideal: 0, to: 0 },
      onlyIfCells: true,
      givesWayTo: ['swarmed', 'other-method'],
    },
  ],
};
