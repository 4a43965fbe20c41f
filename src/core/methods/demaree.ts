import { DEMAREE_FOLLOW_UPS } from './follow-ups';
import { type Method, NO_NEEDS } from './method';

/** What a Demaree, whole or part, can come to. */
export const DEMAREE_FAILURES: Method['failures'] = ['cells-on-top-late', 'cells-again-below'];

export const demaree = {
  name: 'demaree',
  kind: 'swarm',
  needs: {
    ...NO_NEEDS,
    queenFound: true,
    broodFrames: 'leastBroodDemaree',
    coveredSeams: 'leastSeamsDemaree',
    cells: 'none-sealed',
    mainFlow: true,
  },
  kit: ['brood-box-with-comb', 'queen-excluder', 'super', 'help'],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifts: true,
  clearsCells: true,
  steps: [
    'lift-the-brood-box-off',
    'search-every-frame',
    'queen-into-the-bottom-box',
    'excluder-supers-and-brood-on-top',
    'way-out-for-drones',
  ],
  units: [
    {
      name: 'bottom',
      queen: 'unchanged',
    },
    { name: 'top', queen: 'unchanged' },
  ],
  followUps: DEMAREE_FOLLOW_UPS,
  raisesQueen: null,
  options: ['onlySealedBroodUp'],
  failures: DEMAREE_FAILURES,
  schools: ['one-check-of-the-top-box', 'open-brood-may-go-up', 'second-excluder'],
} as const satisfies Method;
