import { WHICH_HALF_FOLLOW_UP } from './follow-ups';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

/** What goes wrong with a split whose queen was not looked for. */
export const BLIND_SPLIT_FAILURES: Method['failures'] = [
  {
    sign: 'Cells in neither half',
    remedy: 'The split has failed: give eggs, a queen, or put the halves together again.',
  },
  ...QUEEN_RAISING_FAILURES,
];

export const walkAway: Method = {
  name: 'walk-away',
  title: 'Walk-away split',
  kind: 'swarm',
  fitsWhen: 'The queen cannot be found, there are drones and five frames of brood or more.',
  needs: { ...NO_NEEDS, youngBrood: true, broodFrames: 'leastBroodSplit', drones: true, secondStand: true },
  kit: ['second floor, brood box and roof', 'comb or foundation', 'feeder'],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifting: 'Half of the hive is carried to another stand.',
  suits: 'For those who cannot find the queen.',
  ifItFails: 'One half may stay without a queen; a half with cells left in it may still swarm.',
  clearsCells: true,
  steps: [
    'Break down live cells in both halves, or use a method that finds the queen: her half may still swarm.',
    'Share eggs, brood, pollen and honey between two boxes; eggs must be in both.',
    'Give the half that is moved extra young bees: its flying bees go home to the old place.',
  ],
  units: [
    {
      name: 'queenless-half',
      queen: 'either',
      gets: 'half of the eggs, brood and food; it is not known yet which half it is',
      stands: 'old place or new',
      isNewColony: true,
    },
    { name: 'queen-half', queen: 'either', gets: 'the other half', stands: 'old place or new' },
  ],
  followUps: [WHICH_HALF_FOLLOW_UP],
  raisesQueen: { unit: 'queenless-half', thinned: true, isMoved: false },
  options: ['keptCells', 'secondThinning'],
  failures: BLIND_SPLIT_FAILURES,
  schools: ['Thin the cells in a strong queenless half on the same visit that finds it.'],
};
