import { DEMAREE_FOLLOW_UPS } from './follow-ups';
import { A_BOX_WITH_COMB, A_SUPER, AN_EXCLUDER, NOT_COUNTED } from './kit-items';
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
  kit: [
    { code: 'brood-box-with-comb', brings: A_BOX_WITH_COMB },
    { code: 'queen-excluder', brings: AN_EXCLUDER },
    { code: 'super', brings: A_SUPER },
    { code: 'help', brings: NOT_COUNTED },
  ],
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
  sendsUp: { broodStays: { frames: 1 }, storesStay: { frames: 1 }, hasNewBox: true },
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
