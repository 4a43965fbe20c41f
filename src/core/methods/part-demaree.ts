import { DEMAREE_FAILURES } from './demaree';
import { DEMAREE_FOLLOW_UPS } from './follow-ups';
import { type Method, NO_NEEDS } from './method';

export const partDemaree: Method = {
  name: 'part-demaree',
  title: 'Part Demaree',
  kind: 'swarm',
  fitsWhen: 'A brood nest on one level, or a cold spring: at least six frames in brood, none of the cells sealed.',
  needs: { ...NO_NEEDS, youngBrood: true, queenFound: true, broodFrames: 'leastBroodDemaree', cells: 'none-sealed' },
  kit: ['second box with drawn comb', 'queen excluder', 'a super, on the same day', 'top entrance'],
  cautions: ['lifting', 'stings', 'smoker', 'brood-disease'],
  lifting: 'A box with four frames of sealed brood goes on top.',
  suits: 'One-level hives and cold springs: less brood is moved than in a Demaree.',
  ifItFails: 'It may swarm from cells that were missed, below or above.',
  clearsCells: true,
  steps: [
    'Find the queen; she stays below with two frames of brood in the centre, empty comb between, food frames outside.',
    'Search every frame and break down every cell.',
    'Four frames of sealed brood go up; when nights are cold, nothing but sealed brood.',
    'Excluder, first super and a top entrance on the same day.',
  ],
  units: [
    {
      name: 'bottom',
      queen: 'unchanged',
      gets: 'the queen, two frames of brood, empty comb, food',
      stands: 'below the excluder',
    },
    { name: 'top', queen: 'unchanged', gets: 'four frames of sealed brood', stands: 'above the super' },
  ],
  followUps: DEMAREE_FOLLOW_UPS,
  raisesQueen: null,
  options: ['onlySealedBroodUp'],
  failures: DEMAREE_FAILURES,
  schools: ['Only sealed brood up when any of the next five nights is cold: a split nest chills.'],
};
