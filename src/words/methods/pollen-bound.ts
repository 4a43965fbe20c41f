import type { pollenBound as definition } from '../../core/methods/space-additions';
import type { MethodWordsOf } from './method-words';

export const pollenBound: MethodWordsOf<typeof definition> = {
  title: 'Free a pollen-bound nest',
  fitsWhen: 'Pollen hems the brood in.',
  suits: 'A nest shut in by pollen, where drawn comb is at hand.',
  ifItFails: 'Time: she runs out of room to lay, and cups will have eggs in them.',
  lifting: 'Boxes above the brood nest are taken off and put back.',
  kit: { 'drawn-comb': 'drawn comb' },
  steps: {
    'pollen-frames-up-or-out': 'Pollen frames up or out.',
    'drawn-comb-down-beside-the-brood': 'Drawn comb down beside the brood.',
  },
  units: { hive: { gets: 'room', stands: 'where it stood' } },
  schools: {},
};
