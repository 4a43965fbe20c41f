import type { evenSplit as definition } from '../../core/methods/even-split';
import type { MethodWordsOf } from './method-words';

export const evenSplit: MethodWordsOf<typeof definition> = {
  title: 'Even split, side by side',
  fitsWhen: 'As the walk-away split, where both boxes can stand half a width either side of the old place.',
  suits: 'For those who cannot find the queen and have room for two boxes side by side.',
  ifItFails: 'One half may stay queenless; a half with cells left in it may still swarm.',
  lifting: 'Both boxes are set aside, and shifted by hand for some days.',
  kit: {
    'second-hive': 'second floor, brood box and roof',
    'comb-or-foundation': 'comb or foundation',
    'room-side-by-side': 'room for two boxes side by side',
  },
  steps: {
    'break-down-live-cells': 'Break down live cells in both halves.',
    'share-brood-and-food': 'Share eggs, brood, pollen, honey and bees evenly between two boxes.',
    'set-half-a-width-aside': 'Set both half a width either side of the old place, so that the flying bees share.',
    'move-a-little-each-day':
      'Each day move the weaker half nearer the old place, the stronger further off. Where wasps or beetles are many, keep honey frames out of the weaker half.',
  },
  units: {
    'queenless-half': {
      gets: 'half of everything; it is not known yet which half it is',
      stands: 'half a width to one side',
    },
    'queen-half': { gets: 'the other half', stands: 'half a width to the other side' },
  },
  schools: {
    'thin-the-cells-in-a-strong': 'Thin the cells in a strong queenless half on the same visit that finds it.',
  },
};
