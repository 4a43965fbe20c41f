import { DEMAREE_FOLLOW_UPS } from './follow-ups';
import { type Method, NO_NEEDS } from './method';

/** What a Demaree, whole or part, can come to. */
export const DEMAREE_FAILURES: Method['failures'] = [
  {
    sign: 'Cells in the top box later than day 8',
    remedy: 'A virgin may be up there: find her or take the box away from the hive.',
  },
  { sign: 'Cells again in the bottom box', remedy: 'Do it a second time, or make an artificial swarm.' },
];

export const demaree: Method = {
  name: 'demaree',
  title: 'Demaree',
  kind: 'swarm',
  fitsWhen: 'A strong colony before its cells are sealed, with the main flow on or within two weeks.',
  needs: {
    ...NO_NEEDS,
    queenFound: true,
    broodFrames: 'leastBroodDemaree',
    coveredSeams: 'leastSeamsDemaree',
    cells: 'none-sealed',
    mainFlow: true,
  },
  kit: ['second brood box with drawn comb', 'queen excluder, a second one if wanted', 'a super', 'help with lifting'],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifting: 'The full brood box goes on top of the supers, and comes off again after three weeks.',
  suits: 'A strong colony that is to stay whole for the flow; no second stand is needed.',
  ifItFails: 'It may swarm from cells that were missed, below or above.',
  clearsCells: true,
  steps: [
    'Lift the brood box off and stand a box of comb on the floor.',
    'Search every frame and break down every cell, after asking which colonies need one.',
    'Put the queen in the bottom box with one or two frames with only a little brood, comb and food.',
    'Excluder, supers, a second excluder if wanted, and the brood on top.',
    'Give drones a way out above the excluder.',
  ],
  units: [
    {
      name: 'bottom',
      queen: 'unchanged',
      gets: 'the queen, little brood, comb and food',
      stands: 'below the excluder',
    },
    { name: 'top', queen: 'unchanged', gets: 'the other brood, free of cells', stands: 'above the supers' },
  ],
  followUps: DEMAREE_FOLLOW_UPS,
  raisesQueen: null,
  options: ['onlySealedBroodUp'],
  failures: DEMAREE_FAILURES,
  schools: [
    'One check of the top box on day 6 to 8 is enough by the biology; looking once more by day 10 costs little: say so when you answer.',
    'Open brood may go up unless nights are cold. Sealed brood alone raises no cells.',
    'A second excluder under the top box keeps a missed virgin from the queen; many go without.',
  ],
};
