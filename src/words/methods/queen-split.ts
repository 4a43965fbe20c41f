import type { queenSplit as definition } from '../../core/methods/queen-split';
import type { MethodWordsOf } from './method-words';

export const queenSplit: MethodWordsOf<typeof definition> = {
  title: 'Queen-and-brood split',
  fitsWhen: 'The queen is found; the parent is to raise its own from eggs. No cells are needed.',
  suits: 'A colony that is not preparing yet, or has no cell worth keeping.',
  ifItFails: 'The parent stays queenless; the old one is safe in the split and can go back.',
  lifting: null,
  kit: { 'nuc-box': 'nuc box or second hive', 'comb-or-foundation': 'comb or foundation', feeder: 'feeder' },
  steps: {
    'find-the-queen':
      'Find the queen. Move her, with three to five frames of brood and food, to another stand or apiary.',
    'eggs-stay-behind': 'See that eggs and young larvae stay behind: the parent raises emergency cells from them.',
    'face-it-away':
      'A split that stays keeps more of its flying bees when it faces away or stands against a wall and is turned a few centimetres a day.',
  },
  units: {
    nuc: { gets: 'the queen and three to five frames of brood and food', stands: 'aside, facing away, or elsewhere' },
    parent: { gets: 'the other brood with eggs and young larvae', stands: 'where it stood' },
  },
  schools: { 'raise-a-queen-unless-time': 'Raise a queen unless time is short; a bought one gains about three weeks.' },
};
