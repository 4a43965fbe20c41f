import { figure } from '../biology/figure';
import { HALF } from './division';
import { WHICH_HALF_FOLLOW_UP } from './follow-ups';
import { A_BOX_OF_FRAMES, A_HIVE, NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { say } from './says';
import { BLIND_SPLIT_FAILURES } from './walk-away';

/** Flying bees have learnt their places by then. */
const SHIFT_FOR = figure('even-split-boxes-are-shifted-a-little-each-day-for', 7, 'days', 'caution');

export const evenSplit = {
  name: 'even-split',
  kind: 'swarm',
  needs: {
    ...NO_NEEDS,
    cells: 'none',
    youngBrood: true,
    broodFrames: 'leastBroodSplit',
    drones: true,
    secondStand: true,
  },
  kit: [
    { code: 'second-hive', brings: A_HIVE },
    { code: 'comb-or-foundation', brings: A_BOX_OF_FRAMES },
    { code: 'room-side-by-side', brings: NOT_COUNTED },
  ],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifts: true,
  clearsCells: true,
  steps: ['break-down-live-cells', 'share-brood-and-food', 'set-half-a-width-aside', 'move-a-little-each-day'],
  divides: {
    unit: 'queenless-half',
    brood: HALF,
    stores: HALF,
    emptyComb: HALF,
    houseBees: HALF,
    flyers: 0.5,
    hasSupers: false,
    combGiven: 5,
    combGivenToOther: 5,
  },
  units: [
    {
      name: 'queenless-half',
      queen: 'either',
      isNewColony: true,
    },
    {
      name: 'queen-half',
      queen: 'either',
    },
  ],
  followUps: [WHICH_HALF_FOLLOW_UP],
  daily: {
    unit: 'queen-half',
    code: 'shift-boxes',
    from: 1,
    to: SHIFT_FOR.value,
    why: say('move-the-weaker-nearer'),
  },
  raisesQueen: { unit: 'queenless-half', thinned: true, isMoved: false },
  options: ['keptCells', 'secondThinning'],
  failures: BLIND_SPLIT_FAILURES,
  schools: ['thin-the-cells-in-a-strong'],
  sharesStores: true,
} as const satisfies Method;
