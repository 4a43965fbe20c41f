import type { oldSiteSwarm as definition } from '../../core/methods/old-site-swarm';
import type { MethodWordsOf } from './method-words';

export const oldSiteSwarm: MethodWordsOf<typeof definition> = {
  title: 'Artificial swarm on the old site',
  fitsWhen: 'The queen is found, a second hive is at hand and there is room for it beside the first.',
  suits: 'A keeper with a second hive who wants the flow: all flying bees stay with the queen.',
  ifItFails: 'The parent stays queenless; the swarm with the old one can take it back.',
  lifting: 'The whole hive is moved aside once, and the parent again after a week.',
  kit: {
    'second-hive': 'second floor, brood box and roof',
    'comb-for-a-box': 'frames of foundation or comb for a whole box',
    'queen-excluder': 'queen excluder',
    feeder: 'feeder',
    'stand-aside': 'a stand {1 m} or more aside',
  },
  steps: {
    'move-the-hive-aside': 'Move the hive {1 m} or more aside, entrance turned away.',
    'new-box-on-the-old-site': 'Stand a new box with foundation or comb on the old site.',
    'find-the-queen':
      'Find the queen: she goes into the new box on her frame, free of cells, with one more frame of sealed brood.',
    'excluder-and-supers-on': 'Excluder and supers go onto the new box; the flying bees come home to it.',
    'choose-the-cells-to-keep': 'In the parent, reduce the cells to one or two of known age; that frame is not shaken.',
    'give-the-parent-food': 'Give the parent food; its flying bees have left it.',
  },
  units: {
    'old-site': {
      gets: 'the queen, her frame, one of sealed brood, the supers and all flying bees',
      stands: 'on the old site',
    },
    parent: { gets: 'the rest of the brood, the kept cells, food and young bees', stands: '{1 m} or more aside' },
  },
  schools: {
    'keep-one-cell': 'Keep one cell: fewer casts. Two insure against a dud.',
    'thin-and-move-the-parent': 'Thin and move the parent on day 7: both lower the risk of a cast.',
  },
};
