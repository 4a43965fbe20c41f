import type { partDemaree as definition } from '../../core/methods/part-demaree';
import type { MethodWordsOf } from './method-words';

export const partDemaree: MethodWordsOf<typeof definition> = {
  title: 'Part Demaree',
  fitsWhen: 'A brood nest on one level, or a cold spring: at least six frames in brood, none of the cells sealed.',
  suits: 'One-level hives and cold springs: less brood is moved than in a Demaree.',
  ifItFails: 'It may swarm from cells that were missed, below or above.',
  lifting: 'A box with four frames of sealed brood goes on top.',
  kit: {
    'brood-box-with-comb': 'second box with drawn comb',
    'queen-excluder': 'queen excluder',
    super: 'a super, on the same day',
    'top-entrance': 'top entrance',
  },
  steps: {
    'find-the-queen':
      'Find the queen; she stays below with two frames of brood in the centre, empty comb between, food frames outside.',
    'search-every-frame':
      'Shake the bees off every frame but the queen’s and break down every cell; look hers over with the bees brushed aside.',
    'four-sealed-frames-up': 'Four frames of sealed brood go up; when nights are cold, nothing but sealed brood.',
    'excluder-super-and-top-entrance': 'Excluder, first super and a top entrance on the same day.',
  },
  units: {
    bottom: { gets: 'the queen, two frames of brood, empty comb, food', stands: 'below the excluder' },
    top: { gets: 'four frames of sealed brood', stands: 'above the super' },
  },
  schools: {
    'only-sealed-brood-up-when-any':
      'Only sealed brood up when any of the next five nights is cold: a split nest chills.',
  },
};
