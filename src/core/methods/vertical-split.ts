import { HALF } from './division';
import { A_BOX_OF_FRAMES, A_BROOD_BOX, A_SPLIT_BOARD } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';
import { say } from './says';

export const verticalSplit = {
  name: 'vertical-split',
  kind: 'swarm',
  needs: { ...NO_NEEDS, youngBrood: true, broodFrames: 'leastBroodDemaree', drones: true },
  kit: [
    { code: 'split-board', brings: A_SPLIT_BOARD },
    { code: 'second-brood-box', brings: A_BROOD_BOX },
    { code: 'comb-or-foundation', brings: A_BOX_OF_FRAMES },
  ],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifts: true,
  clearsCells: true,
  steps: ['eggs-and-brood-up', 'queen-stays-below', 'split-board-between'],
  // Those that fly go home by the lower door; the doors are changed twice.
  divides: {
    unit: 'top',
    brood: HALF,
    stores: HALF,
    emptyComb: HALF,
    houseBees: HALF,
    flyers: 0,
    hasSupers: false,
    combGiven: 5,
    combGivenToOther: 5,
    flyersGoOver: 'doors',
  },
  units: [
    {
      name: 'top',
      queen: 'taken',
      isNewColony: true,
    },
    { name: 'bottom', queen: 'unchanged' },
  ],
  followUps: [
    {
      unit: 'hive',
      code: 'board-in',
      from: 1,
      to: 2,
      why: say('young-bees-have-come-up-through'),
      onlyIf: 'queenShakenDown',
    },
    { unit: 'hive', code: 'doors', from: 4, ideal: 5, to: 6, why: say('switch-the-entrances') },
    { unit: 'hive', code: 'doors', from: 9, ideal: 10, to: 11, why: say('switch-the-entrances') },
  ],
  raisesQueen: { unit: 'top', thinned: true, isMoved: false },
  options: ['keptCells', 'queenShakenDown', 'secondThinning'],
  unitsMayChange: true,
  failures: QUEEN_RAISING_FAILURES,
  schools: ['thin-the-cells-in-the-top'],
} as const satisfies Method;
