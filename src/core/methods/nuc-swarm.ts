import { NUC_SETTLED_FOLLOW_UP } from './follow-ups';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const nucSwarm: Method = {
  name: 'nuc-swarm',
  title: 'Artificial swarm with a nuc',
  kind: 'swarm',
  fitsWhen: 'The queen is found and there are charged cells, best not sealed yet.',
  needs: { ...NO_NEEDS, queenFound: true, broodFrames: 'leastBroodNuc', drones: true, cells: 'kept' },
  kit: [
    'nuc box with a small entrance',
    'frames of drawn comb or foundation',
    'feeder',
    'grass for the entrance, if it stays',
  ],
  cautions: ['stings', 'smoker', 'brood-disease', 'transport'],
  lifting: null,
  suits: 'For those who can find the queen and have a nuc box: little kit, the least lifting.',
  ifItFails: 'The parent stays without a queen; the old one is safe in the nuc and can go back.',
  clearsCells: true,
  steps: [
    'Find the queen and put her aside on her frame.',
    'Into the nuc: her frame with brood in all stages and one of stores, both free of cells; shake in young bees from two more frames; fill up with comb or foundation.',
    'Take the nuc over 5 km away, or stand it in the same apiary with extra bees and the entrance stuffed with grass.',
    'In the parent, choose the cell or cells to keep and mark their frame. That frame is never shaken.',
    'Shake and search all frames but the marked one; break down every cell on them, after asking which colonies need one.',
    'Close the gap with comb or foundation.',
  ],
  units: [
    {
      name: 'nuc',
      queen: 'laying',
      gets: 'the queen, one frame of brood in all stages, one of stores, young bees',
      stands: 'over 5 km away, or nearby with extra bees',
      isNewColony: true,
    },
    {
      name: 'parent',
      queen: 'taken',
      gets: 'the other brood, the kept cells and the flying bees',
      stands: 'where it stood',
    },
  ],
  followUps: [NUC_SETTLED_FOLLOW_UP],
  raisesQueen: { unit: 'parent', thinned: true, isMoved: false },
  options: ['keptCells', 'secondThinning'],
  failures: QUEEN_RAISING_FAILURES,
  schools: [
    'Keep one cell: fewer casts. Two insure against a dud.',
    'Thin once more after a week: eggs left behind have become cells. Left alone, casts may follow.',
    'Take the nuc away if a place over 5 km off is at hand.',
  ],
};
