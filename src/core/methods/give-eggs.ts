import { NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const giveEggs = {
  name: 'give-eggs',
  kind: 'queen',
  needs: { ...NO_NEEDS, drones: true },
  kit: [{ code: 'frame-with-eggs', brings: NOT_COUNTED }],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifts: false,
  clearsCells: false,
  steps: ['take-a-frame-with-eggs', 'hang-it-in-the-middle'],
  units: [{ name: 'hive', queen: 'taken' }],
  followUps: [],
  raisesQueen: { unit: 'hive', thinned: true, isMoved: false },
  options: ['secondThinning'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['costs-about-four-weeks'],
} as const satisfies Method;
