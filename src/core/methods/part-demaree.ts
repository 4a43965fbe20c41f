import { DEMAREE_FAILURES } from './demaree';
import { DEMAREE_FOLLOW_UPS } from './follow-ups';
import { A_BOX_WITH_COMB, A_SUPER, AN_EXCLUDER, NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';

export const partDemaree = {
  name: 'part-demaree',
  kind: 'swarm',
  needs: { ...NO_NEEDS, youngBrood: true, queenFound: true, broodFrames: 'leastBroodDemaree', cells: 'none-sealed' },
  kit: [
    { code: 'brood-box-with-comb', brings: A_BOX_WITH_COMB },
    { code: 'queen-excluder', brings: AN_EXCLUDER },
    { code: 'super', brings: A_SUPER },
    { code: 'top-entrance', brings: NOT_COUNTED },
  ],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifts: true,
  clearsCells: true,
  steps: ['find-the-queen', 'search-every-frame', 'four-sealed-frames-up', 'excluder-super-and-top-entrance'],
  sendsUp: { broodStays: { frames: 2 }, storesStay: { share: 1 }, hasNewBox: false },
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
  schools: ['only-sealed-brood-up-when-any'],
} as const satisfies Method;
