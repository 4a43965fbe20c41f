import { figure } from '../biology/figure';
import { SOURCES } from '../biology/sources';
import { WHICH_HALF_FOLLOW_UP } from './follow-ups';
import { type Method, NO_NEEDS } from './method';
import { BLIND_SPLIT_FAILURES } from './walk-away';

/** Flying bees have learnt their places by then. */
const SHIFT_FOR = figure('Even split: boxes are shifted a little each day for', 7, 'days', SOURCES.caution);

export const evenSplit: Method = {
  name: 'even-split',
  title: 'Even split, side by side',
  kind: 'swarm',
  fitsWhen: 'As the walk-away split, where both boxes can stand half a width either side of the old place.',
  needs: { ...NO_NEEDS, youngBrood: true, broodFrames: 'leastBroodSplit', drones: true, secondStand: true },
  kit: ['second floor, brood box and roof', 'comb or foundation', 'room for two boxes side by side'],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifting: 'Both boxes are set aside, and shifted by hand for some days.',
  suits: 'For those who cannot find the queen and have room for two boxes side by side.',
  ifItFails: 'One half may stay without a queen; a half with cells left in it may still swarm.',
  clearsCells: true,
  steps: [
    'Break down live cells in both halves.',
    'Share eggs, brood, pollen, honey and bees evenly between two boxes.',
    'Set both half a width either side of the old place, so that the flying bees share.',
    'Each day move the weaker half nearer the old place, the stronger further off. Where wasps or beetles are many, keep honey frames out of the weaker half.',
  ],
  units: [
    {
      name: 'queenless-half',
      queen: 'either',
      gets: 'half of everything; it is not known yet which half it is',
      stands: 'half a width to one side',
      isNewColony: true,
    },
    {
      name: 'queen-half',
      queen: 'either',
      gets: 'the other half',
      stands: 'half a width to the other side',
    },
  ],
  followUps: [WHICH_HALF_FOLLOW_UP],
  daily: {
    unit: 'queen-half',
    code: 'shift-boxes',
    from: 1,
    to: SHIFT_FOR.value,
    why: 'See at the entrances which gets more flying bees. Move the weaker half nearer the old place, the stronger further off, until both fly alike.',
  },
  raisesQueen: { unit: 'queenless-half', thinned: true, isMoved: false },
  options: ['keptCells', 'secondThinning'],
  failures: BLIND_SPLIT_FAILURES,
  schools: ['Thin the cells in a strong queenless half on the same visit that finds it.'],
};
