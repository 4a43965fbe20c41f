import { READ_TEST_COMB } from '../biology/mating';
import { NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { say } from './says';

export const testComb = {
  name: 'test-comb',
  kind: 'queen',
  needs: NO_NEEDS,
  kit: [{ code: 'frame-with-eggs', brings: NOT_COUNTED }],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifts: false,
  clearsCells: false,
  steps: ['take-a-frame-with-eggs', 'hang-it-in-the-middle'],
  units: [{ name: 'hive', queen: 'unchanged' }],
  followUps: [
    {
      unit: 'hive',
      code: 'read-comb',
      from: READ_TEST_COMB.value.early,
      ideal: READ_TEST_COMB.value.typical,
      to: READ_TEST_COMB.value.late,
      why: say('cells-on-the-test-frame'),
    },
  ],
  raisesQueen: null,
  options: [],
  failures: ['cells-on-test-frame'],
  schools: [],
} as const satisfies Method;
