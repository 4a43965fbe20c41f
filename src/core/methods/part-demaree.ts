import { DEMAREE_FAILURES } from './demaree';
import { DEMAREE_FOLLOW_UPS } from './follow-ups';
import { type Method, NO_NEEDS } from './method';

export const partDemaree = {
  name: 'part-demaree',
  kind: 'swarm',
  needs: { ...NO_NEEDS, youngBrood: true, queenFound: true, broodFrames: 'leastBroodDemaree', cells: 'none-sealed' },
  kit: ['brood-box-with-comb', 'queen-excluder', 'super', 'top-entrance'],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifts: true,
  clearsCells: true,
  steps: ['find-the-queen', 'search-every-frame', 'four-sealed-frames-up', 'excluder-super-and-top-entrance'],
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
