import { figure } from '../biology/figure';
import { SOURCES } from '../biology/sources';
import { NUC_SETTLED_FOLLOW_UP } from './follow-ups';
import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

const DEGREES_A_DAY = figure('A split turned away is turned back by', 15, 'degrees a day', SOURCES.practice);
/** From facing straight away to facing the front. */
const HALF_TURN = 180;

export const queenSplit: Method = {
  name: 'queen-split',
  title: 'Queen-and-brood split',
  kind: 'swarm',
  fitsWhen: 'The queen is found; the parent is to raise its own from eggs. No cells are needed.',
  needs: {
    ...NO_NEEDS,
    youngBrood: true,
    queenFound: true,
    broodFrames: 'leastBroodNuc',
    drones: true,
    secondStand: true,
  },
  kit: ['nuc box or second hive', 'comb or foundation', 'feeder'],
  cautions: ['stings', 'smoker', 'brood-disease', 'transport'],
  lifting: null,
  suits: 'A colony that is not preparing yet, or has no cell worth keeping.',
  ifItFails: 'The parent stays without a queen; the old one is safe in the split and can go back.',
  clearsCells: true,
  steps: [
    'Find the queen. Move her, with three to five frames of brood and food, to another stand or apiary.',
    'See that eggs and young larvae stay behind: the parent raises emergency cells from them.',
    'A split that stays keeps more of its flying bees when it faces away or stands against a wall and is turned a few centimetres a day.',
  ],
  units: [
    {
      name: 'nuc',
      queen: 'laying',
      gets: 'the queen and three to five frames of brood and food',
      stands: 'aside, facing away, or elsewhere',
      isNewColony: true,
    },
    { name: 'parent', queen: 'taken', gets: 'the other brood with eggs and young larvae', stands: 'where it stood' },
  ],
  followUps: [NUC_SETTLED_FOLLOW_UP],
  daily: {
    unit: 'nuc',
    code: 'turn-hive',
    from: 1,
    to: HALF_TURN / DEGREES_A_DAY.value,
    why: 'Faced away or to a wall it kept more of its flying bees; turned a little each day they find home.',
    onlyIf: 'turnsDaily',
  },
  raisesQueen: { unit: 'parent', thinned: true, isMoved: false },
  options: ['keptCells', 'secondThinning'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['Raise a queen unless time is short; a bought one gains about three weeks.'],
};
