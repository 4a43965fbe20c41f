import type { walkAway as definition } from '../../core/methods/walk-away';
import type { MethodWordsOf } from './method-words';

export const walkAway: MethodWordsOf<typeof definition> = {
  title: 'Walk-away split',
  fitsWhen: 'The queen cannot be found, there are drones and five frames of brood or more.',
  suits: 'For those who cannot find the queen.',
  ifItFails: 'One half may stay queenless; a half with cells left in it may still swarm.',
  lifting: 'Half of the hive is carried to another stand.',
  kit: {
    'second-hive': 'second floor, brood box and roof',
    'comb-or-foundation': 'comb or foundation',
    feeder: 'feeder',
  },
  steps: {
    'break-down-live-cells':
      'Break down the live cells in both halves: the half with the queen may still swarm. If you would rather keep a cell, choose a method for which you find the queen.',
    'share-brood-and-food': 'Share eggs, brood, pollen and honey between two boxes; eggs must be in both.',
    'extra-bees-to-the-moved-half':
      'Give the half that is moved extra young bees: its flying bees go home to the old place.',
  },
  units: {
    'queenless-half': {
      gets: 'half of the eggs, brood and food; it is not known yet which half it is',
      stands: 'old place or new',
    },
    'queen-half': { gets: 'the other half', stands: 'old place or new' },
  },
  schools: {
    'thin-the-cells-in-a-strong': 'Thin the cells in a strong queenless half on the same visit that finds it.',
  },
};
