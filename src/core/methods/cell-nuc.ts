import { A_FEEDER, A_NUC_BOX, A_NUC_OF_FRAMES } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const cellNuc = {
  name: 'cell-nuc',
  kind: 'increase',
  needs: { ...NO_NEEDS, drones: true, cells: 'kept', secondStand: true },
  kit: [
    { code: 'nuc-box', brings: A_NUC_BOX },
    { code: 'comb-or-foundation', brings: A_NUC_OF_FRAMES },
    { code: 'feeder', brings: A_FEEDER },
  ],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifts: false,
  clearsCells: false,
  steps: ['take-the-frame-with-the-cell', 'give-it-a-frame-of-brood', 'brush-bees-in', 'stand-it-in-shade'],
  units: [
    {
      name: 'nuc',
      queen: 'gone',
      isNewColony: true,
    },
    { name: 'parent', queen: 'unchanged' },
  ],
  followUps: [],
  raisesQueen: { unit: 'nuc', thinned: false, isMoved: false },
  options: ['keptCells'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['one-cell-each'],
} as const satisfies Method;
