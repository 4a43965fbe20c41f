import { READ_TEST_COMB } from '../biology/mating';
import { type Method, NO_NEEDS } from './method';

export const testComb: Method = {
  name: 'test-comb',
  title: 'Give a test frame',
  kind: 'queen',
  fitsWhen: 'Nobody knows whether there is a queen: no eggs though looked for.',
  needs: NO_NEEDS,
  kit: ['a frame with eggs and young larvae from another colony, bees shaken off'],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifting: null,
  suits: 'A colony whose young queen is overdue. Tells, and keeps laying workers away meanwhile.',
  ifItFails: 'Nothing: the brood strengthens it either way.',
  clearsCells: false,
  steps: [
    'Take a frame with eggs from a healthy colony and shake every bee off it, her queen first of all.',
    'Hang it in the middle of the bees and mark it.',
  ],
  units: [{ name: 'hive', queen: 'unchanged', gets: 'the frame with eggs', stands: 'where it stood' }],
  followUps: [
    {
      unit: 'hive',
      code: 'read-comb',
      from: READ_TEST_COMB.value.early,
      ideal: READ_TEST_COMB.value.typical,
      to: READ_TEST_COMB.value.late,
      why: 'Cells on the test frame: no queen. None: there is one, so give her time.',
    },
  ],
  raisesQueen: null,
  options: [],
  failures: [
    {
      sign: 'Cells on it',
      remedy: 'There is no queen. Let it raise one from them, or break them down and give a queen or a ripe cell.',
    },
  ],
  schools: [],
};
