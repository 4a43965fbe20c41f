import type { testComb as definition } from '../../core/methods/test-comb';
import type { MethodWordsOf } from './method-words';

export const testComb: MethodWordsOf<typeof definition> = {
  title: 'Give a test frame',
  fitsWhen: 'Nobody knows whether there is a queen: no eggs though looked for.',
  suits: 'A colony whose young queen is overdue. Tells, and keeps laying workers away meanwhile.',
  ifItFails: 'Nothing: the brood strengthens it either way.',
  lifting: null,
  kit: { 'frame-with-eggs': 'a frame with eggs and young larvae from another colony, bees shaken off' },
  steps: {
    'take-a-frame-with-eggs':
      'Find the other colony’s queen, or make sure she is not on the frame. Then shake every bee off a frame with eggs.',
    'hang-it-in-the-middle': 'Hang it in the middle of the bees and mark it.',
  },
  units: { hive: { gets: 'the frame with eggs', stands: 'where it stood' } },
  schools: {},
};
