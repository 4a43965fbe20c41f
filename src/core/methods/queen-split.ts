import { figure } from '../biology/figure';
import { NOTHING } from './division';
import { NUC_SETTLED_FOLLOW_UP } from './follow-ups';
import { A_FEEDER, A_NUC_BOX, A_NUC_OF_FRAMES } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';
import { say } from './says';

const DEGREES_A_DAY = figure('a-split-turned-away-is-turned-back-by', 15, 'degrees-a-day', 'practice');
/** From facing straight away to facing the front. */
const HALF_TURN = 180;

export const queenSplit = {
  name: 'queen-split',
  kind: 'swarm',
  needs: {
    ...NO_NEEDS,
    youngBrood: true,
    queenFound: true,
    broodFrames: 'leastBroodNuc',
    drones: true,
    secondStand: true,
  },
  kit: [
    { code: 'nuc-box', brings: A_NUC_BOX },
    { code: 'comb-or-foundation', brings: A_NUC_OF_FRAMES },
    { code: 'feeder', brings: A_FEEDER },
  ],
  cautions: ['stings', 'smoker', 'brood-disease', 'transport'],
  lifts: false,
  clearsCells: true,
  steps: ['find-the-queen', 'eggs-stay-behind', 'face-it-away'],
  divides: {
    unit: 'nuc',
    brood: { frames: 4 },
    stores: { frames: 1 },
    emptyComb: NOTHING,
    houseBees: { frames: 6 },
    flyers: 0,
    hasSupers: false,
    combGiven: 1,
    combGivenToOther: 5,
  },
  units: [
    {
      name: 'nuc',
      queen: 'laying',
      isNewColony: true,
    },
    { name: 'parent', queen: 'taken' },
  ],
  followUps: [NUC_SETTLED_FOLLOW_UP],
  daily: {
    unit: 'nuc',
    code: 'turn-hive',
    from: 1,
    to: HALF_TURN / DEGREES_A_DAY.value,
    why: say('faced-away'),
    onlyIf: 'turnsDaily',
  },
  raisesQueen: { unit: 'parent', thinned: true, isMoved: false },
  options: ['keptCells', 'secondThinning'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['raise-a-queen-unless-time'],
} as const satisfies Method;
