import type { afterSwarm as definition } from '../../core/methods/after-swarm';
import type { MethodWordsOf } from './method-words';

export const afterSwarm: MethodWordsOf<typeof definition> = {
  title: 'After the swarm has gone',
  fitsWhen: 'Sealed cells, no eggs though looked for, fewer bees than last time.',
  suits: 'A colony that has swarmed and has cells of known age.',
  ifItFails: 'It stays queenless, and may have cast.',
  lifting: null,
  kit: { 'nuc-boxes-or-cages': 'nuc boxes or cages for spare cells', comb: 'comb for room' },
  steps: {
    'confirm-when-she-last-laid': 'Confirm from the brood when she last laid.',
    'keep-one-or-two-good-cells':
      'Keep one or two good cells of known age; give the others away or make nucs with one ripe cell, a frame of brood and food each.',
    'make-room-for-the-young-queen': 'Make room for the young queen to lay.',
    'leave-it-shut': 'Then leave it shut.',
  },
  units: { hive: { gets: 'the kept cells', stands: 'where it stood' } },
  schools: { 'keep-one-cell': 'Keep one cell: fewer casts. Two insure against a dud.' },
};
