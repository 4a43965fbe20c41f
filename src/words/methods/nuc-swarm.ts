import type { nucSwarm as definition } from '../../core/methods/nuc-swarm';
import type { MethodWordsOf } from './method-words';

export const nucSwarm: MethodWordsOf<typeof definition> = {
  title: 'Artificial swarm with a nuc',
  fitsWhen: 'The queen is found and there are charged cells, best not sealed yet.',
  suits: 'For those who can find the queen and have a nuc box: little kit, the least lifting.',
  ifItFails: 'The parent stays queenless; the old one is safe in the nuc and can go back.',
  lifting: null,
  kit: {
    'nuc-box': 'nuc box with a small entrance',
    'comb-or-foundation': 'frames of drawn comb or foundation',
    feeder: 'feeder',
    grass: 'grass for the entrance, if it stays',
  },
  steps: {
    'find-the-queen': 'Find the queen and put her aside on her frame.',
    'into-the-nuc':
      'Into the nuc: her frame with brood in all stages and one of stores, both free of cells; shake in young bees from two more frames; fill up with comb or foundation.',
    'take-the-nuc-away':
      'Take the nuc over {5 km} away, or stand it in the same apiary with extra bees and the entrance loosely plugged with grass, so that air gets in and the bees can work their way out.',
    'choose-the-cells-to-keep':
      'In the parent, choose the cell or cells to keep and mark their frame. That frame is never shaken.',
    'search-the-other-frames':
      'Shake and search all frames but the marked one; break down every cell on them, after asking which colonies need one.',
    'close-the-gap': 'Close the gap with comb or foundation.',
  },
  units: {
    nuc: {
      gets: 'the queen, one frame of brood in all stages, one of stores, young bees',
      stands: 'over {5 km} away, or nearby with extra bees',
    },
    parent: { gets: 'the other brood, the kept cells and the flying bees', stands: 'where it stood' },
  },
  schools: {
    'keep-one-cell': 'Keep one cell: fewer casts. Two insure against a dud.',
    'thin-once-more-after-a-week':
      'Thin once more after a week: eggs left behind have become cells. Left alone, casts may follow.',
    'take-the-nuc-away': 'Take the nuc away if a place over {5 km} off is at hand.',
  },
};
