import { A_NUC_BOX_OR_CAGE, COMBS_FOR_A_GAP } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const afterSwarm = {
  name: 'after-swarm',
  kind: 'queen',
  needs: { ...NO_NEEDS, drones: true, cells: 'kept' },
  kit: [
    { code: 'nuc-boxes-or-cages', brings: A_NUC_BOX_OR_CAGE },
    { code: 'comb', brings: COMBS_FOR_A_GAP },
  ],
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
