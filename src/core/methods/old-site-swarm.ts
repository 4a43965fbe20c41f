import { NOTHING } from './division';
import { A_BOX_OF_FRAMES, A_FEEDER, A_HIVE, AN_EXCLUDER_FOR_NOW, NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';
import { say } from './says';

export const oldSiteSwarm = {
  name: 'old-site-swarm',
  kind: 'swarm',
  needs: {
    ...NO_NEEDS,
    queenFound: true,
    broodFrames: 'leastBroodSplit',
    drones: true,
    cells: 'kept',
    secondStand: true,
  },
  kit: [
    { code: 'second-hive', brings: A_HIVE },
    { code: 'comb-for-a-box', brings: A_BOX_OF_FRAMES },
    { code: 'queen-excluder', brings: AN_EXCLUDER_FOR_NOW },
    { code: 'feeder', brings: A_FEEDER },
    { code: 'stand-aside', brings: NOT_COUNTED },
  ],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifts: true,
  clearsCells: true,
  steps: [
    'move-the-hive-aside',
    'new-box-on-the-old-site',
    'find-the-queen',
    'excluder-and-supers-on',
    'choose-the-cells-to-keep',
    'give-the-parent-food',
  ],
  // On her frame and one more she has the old place, the supers and all that fly; the parent’s new flyers follow when it is moved again.
  divides: {
    unit: 'old-site',
    brood: { frames: 2 },
    stores: NOTHING,
    emptyComb: NOTHING,
    houseBees: { frames: 2 },
    flyers: 1,
    hasSupers: true,
    combGiven: 9,
    combGivenToOther: 2,
    flyersGoOver: 'move-parent',
  },
  units: [
    {
      name: 'old-site',
      queen: 'laying',
      isNewColony: true,
    },
    {
      name: 'parent',
      queen: 'taken',
    },
  ],
  followUps: [
    {
      unit: 'old-site',
      code: 'laying-check',
      from: 6,
      ideal: 7,
      to: 8,
      why: say('is-she-laying-and-fed'),
    },
  ],
  raisesQueen: { unit: 'parent', thinned: true, isMoved: true },
  options: ['keptCells', 'secondThinning'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['keep-one-cell', 'thin-and-move-the-parent'],
} as const satisfies Method;
