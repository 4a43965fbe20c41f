import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const afterSwarm = {
  name: 'after-swarm',
  kind: 'queen',
  needs: { ...NO_NEEDS, drones: true, cells: 'kept' },
  kit: ['nuc-boxes-or-cages', 'comb'],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifts: false,
  clearsCells: true,
  steps: ['confirm-when-she-last-laid', 'keep-one-or-two-good-cells', 'make-room-for-the-young-queen', 'leave-it-shut'],
  units: [{ name: 'hive', queen: 'gone' }],
  followUps: [],
  raisesQueen: { unit: 'hive', thinned: false, isMoved: false },
  options: ['keptCells'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['keep-one-cell'],
} as const satisfies Method;
