import type { honeyBound as definition } from '../../core/methods/space-additions';
import type { MethodWordsOf } from './method-words';

export const honeyBound: MethodWordsOf<typeof definition> = {
  title: 'Free a honey-bound nest',
  fitsWhen: 'Honey hugs the brood; also in autumn, on a flow without pollen.',
  suits: 'A nest shut in by honey, where drawn comb is at hand.',
  ifItFails: 'Time: she runs out of room to lay, and cups will have eggs in them.',
  lifting: 'Boxes above the brood nest are taken off and put back.',
  kit: { 'drawn-comb': 'drawn comb' },
  steps: {
    'take-out-the-honey-frames': 'Take out the honey frames beside the brood.',
    'drawn-comb-beside-the-brood': 'Drawn comb beside it, honey to the outside.',
  },
  units: { hive: { gets: 'room', stands: 'where it stood' } },
  schools: {},
};
