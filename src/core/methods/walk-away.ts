import { HALF } from './division';
import { WHICH_HALF_FOLLOW_UP } from './follow-ups';
import { A_BOX_OF_FRAMES, A_FEEDER, A_HIVE } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

/** What goes wrong with a split whose queen was not looked for. */
export const BLIND_SPLIT_FAILURES: Method['failures'] = ['cells-in-neither-half', ...QUEEN_RAISING_FAILURES];

export const walkAway = {
  name: 'walk-away',
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
    { code: 'feeder', brings: A_FEEDER },
  ],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifts: true,
  clearsCells: true,
  steps: ['break-down-live-cells', 'share-brood-and-food', 'extra-bees-to-the-moved-half'],
  // The half that is carried away has more young bees, since all that fly go home.
  divides: {
    unit: 'queenless-half',
    brood: HALF,
    stores: HALF,
    emptyComb: HALF,
    houseBees: { share: 0.6 },
    flyers: 0,
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
    { name: 'queen-half', queen: 'either' },
  ],
  followUps: [WHICH_HALF_FOLLOW_UP],
  raisesQueen: { unit: 'queenless-half', thinned: true, isMoved: false },
  options: ['keptCells', 'secondThinning'],
  failures: BLIND_SPLIT_FAILURES,
  schools: ['thin-the-cells-in-a-strong'],
  sharesStores: true,
} as const satisfies Method;
