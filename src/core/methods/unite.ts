import { NEWSPAPER, NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { say } from './says';

export const unite = {
  name: 'unite',
  kind: 'queen',
  needs: { ...NO_NEEDS, doubtfulQueen: true },
  kit: [
    { code: 'newspaper', brings: NEWSPAPER },
    { code: 'pin', brings: NOT_COUNTED },
  ],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifts: true,
  clearsCells: false,
  steps: ['only-one-queen', 'paper-over-the-box', 'leave-it-alone-until-the-check'],
  units: [
    { name: 'hive', queen: 'unchanged' },
    { name: 'joined', queen: 'ends' },
  ],
  followUps: [{ unit: 'hive', code: 'united', from: 5, to: 7, why: say('is-the-paper-gone') }],
  raisesQueen: null,
  options: [],
  failures: ['fighting'],
  schools: [],
} as const satisfies Method;
