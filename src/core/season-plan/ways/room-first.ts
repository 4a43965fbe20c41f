import type { Way } from '../way';
import { superAhead } from './super-ahead';

const BEFORE_CELLS = ['charged-cells', 'swarmed', 'no-laying-queen', 'other-method'] as const;

/** Room before it is wanted, from the build-up on; a method only if cells come all the same. */
export const roomFirst: Way = {
  name: 'room-first',
  choices: ['method'],
  acts: [
    {
      code: 'sides',
      method: 'open-sides',
      hangsOn: 'swarms',
      days: { from: -28, ideal: -17, to: -4 },
      givesWayTo: BEFORE_CELLS,
    },
    {
      code: 'box',
      method: 'add-box',
      hangsOn: 'swarms',
      days: { from: -7, ideal: 4, to: 18 },
      givesWayTo: BEFORE_CELLS,
    },
    {
      code: 'interleave',
      method: 'interleave',
      hangsOn: 'swarms',
      days: { from: 18, ideal: 25, to: 39 },
      givesWayTo: BEFORE_CELLS,
    },
    superAhead,
    {
      code: 'if-cells',
      method: ['nuc-swarm', 'old-site-swarm', 'demaree'],
      hangsOn: 'swarms',
      days: { from: 0, ideal: 0, to: 0 },
      onlyIfCells: true,
      givesWayTo: ['swarmed', 'other-method'],
    },
  ],
};
