import { NOTHING } from './division';
import { NUC_SETTLED_FOLLOW_UP } from './follow-ups';
import { A_FEEDER, A_NUC_BOX, A_NUC_OF_FRAMES, NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const nucSwarm = {
  name: 'nuc-swarm',
  kind: 'swarm',
  needs: { ...NO_NEEDS, queenFound: true, broodFrames: 'leastBroodNuc', drones: true, cells: 'kept' },
  kit: [
    { code: 'nuc-box', brings: A_NUC_BOX },
    { code: 'comb-or-foundation', brings: A_NUC_OF_FRAMES },
    { code: 'feeder', brings: A_FEEDER },
    { code: 'grass', brings: NOT_COUNTED },
  ],
  cautions: ['stings', 'smoker', 'brood-disease', 'transport'],
  lifts: false,
  clearsCells: true,
  steps: [
    'find-the-queen',
    'into-the-nuc',
    'take-the-nuc-away',
    'choose-the-cells-to-keep',
    'search-the-other-frames',
    'close-the-gap',
  ],
  // With the queen one frame of brood and one of stores, and the bees of two more shaken in.
  divides: {
    unit: 'nuc',
    brood: { frames: 1 },
    stores: { frames: 1 },
    emptyComb: NOTHING,
    houseBees: { frames: 4 },
    flyers: 0,
    hasSupers: false,
    combGiven: 3,
    combGivenToOther: 0,
  },
  units: [
    {
      name: 'nuc',
      queen: 'laying',
      isNewColony: true,
    },
    {
      name: 'parent',
      queen: 'taken',
    },
  ],
  followUps: [NUC_SETTLED_FOLLOW_UP],
  raisesQueen: { unit: 'parent', thinned: true, isMoved: false },
  options: ['keptCells', 'secondThinning'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['keep-one-cell', 'thin-once-more-after-a-week', 'take-the-nuc-away'],
} as const satisfies Method;
