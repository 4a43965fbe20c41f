import type { addBox as definition } from '../../core/methods/space-additions';
import type { MethodWordsOf } from './method-words';

export const addBox: MethodWordsOf<typeof definition> = {
  title: 'Add a second brood box',
  fitsWhen: 'The top box is covered by bees.',
  suits: 'A colony that fills its brood box and is to grow.',
  ifItFails: 'Time: she runs out of room to lay, and cups will have eggs in them.',
  lifting: 'Boxes above the brood nest are taken off and put back.',
  kit: { 'brood-box-with-comb': 'brood box with comb or foundation' },
  steps: {
    'frame-of-brood-up': 'A frame of brood up into the new box draws the bees after it.',
    'box-on': 'Box on, comb or foundation round that frame.',
  },
  units: { hive: { gets: 'room', stands: 'where it stood' } },
  schools: {},
};
