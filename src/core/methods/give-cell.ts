import { NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const giveCell = {
  name: 'give-cell',
  kind: 'queen',
  needs: { ...NO_NEEDS, drones: true },
  kit: [{ code: 'cell', brings: NOT_COUNTED }],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifts: false,
  clearsCells: false,
  steps: ['ripe-cells-travel-best', 'hang-the-frame', 'leave-it-shut'],
  units: [{ name: 'hive', queen: 'gone' }],
  followUps: [],
  raisesQueen: { unit: 'hive', thinned: false, isMoved: false },
  options: ['keptCells'],
  failures: QUEEN_RAISING_FAILURES,
  schools: [],
  takesCell: true,
} as const satisfies Method;
