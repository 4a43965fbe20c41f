import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const oldSiteSwarm: Method = {
  name: 'old-site-swarm',
  title: 'Artificial swarm on the old site',
  kind: 'swarm',
  fitsWhen: 'The queen is found, a second hive is at hand and there is room for it beside the first.',
  needs: {
    ...NO_NEEDS,
    queenFound: true,
    broodFrames: 'leastBroodSplit',
    drones: true,
    cells: 'kept',
    secondStand: true,
  },
  kit: [
    'second floor, brood box and roof',
    'frames of foundation or comb for a whole box',
    'queen excluder',
    'feeder',
    'a stand a metre or more aside',
  ],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifting: 'The whole hive is moved aside once, and the parent again after a week.',
  suits: 'A keeper with a second hive who wants the flow: all flying bees stay with the queen.',
  ifItFails: 'The parent stays without a queen; the swarm with the old one can take it back.',
  clearsCells: true,
  steps: [
    'Move the hive a metre or more aside, entrance turned away.',
    'Stand a new box with foundation or comb on the old site.',
    'Find the queen: she goes into the new box on her frame, free of cells, with one more frame of sealed brood.',
    'Excluder and supers go onto the new box; the flying bees come home to it.',
    'In the parent, reduce the cells to one or two of known age; that frame is not shaken.',
    'Give the parent food; its flying bees have left it.',
  ],
  units: [
    {
      name: 'old-site',
      queen: 'laying',
      gets: 'the queen, her frame, one of sealed brood, the supers and all flying bees',
      stands: 'on the old site',
      isNewColony: true,
    },
    {
      name: 'parent',
      queen: 'taken',
      gets: 'the rest of the brood, the kept cells, food and young bees',
      stands: 'a metre or more aside',
    },
  ],
  followUps: [
    {
      unit: 'old-site',
      code: 'laying-check',
      from: 6,
      ideal: 7,
      to: 8,
      why: 'Is she laying, are there new cells, does it need feeding?',
    },
  ],
  raisesQueen: { unit: 'parent', thinned: true, isMoved: true },
  options: ['keptCells', 'secondThinning'],
  failures: QUEEN_RAISING_FAILURES,
  schools: [
    'Keep one cell: fewer casts. Two insure against a dud.',
    'Thin and move the parent on day 7: both lower the risk of a cast.',
  ],
};
