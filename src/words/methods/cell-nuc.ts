import type { cellNuc as definition } from '../../core/methods/cell-nuc';
import type { MethodWordsOf } from './method-words';

export const cellNuc: MethodWordsOf<typeof definition> = {
  title: 'Nuc with a ripe cell',
  fitsWhen: 'There are more good cells than the colony needs.',
  suits: 'A colony that has swarmed, or will be thinned: a queen to spare for autumn or for next door.',
  ifItFails: 'A frame of brood and one of food; the frames go back.',
  lifting: null,
  kit: { 'nuc-box': 'nuc box', 'comb-or-foundation': 'comb or foundation', feeder: 'feeder' },
  steps: {
    'take-the-frame-with-the-cell':
      'Take the frame with the cell: ripe travels best; sealed and not ripe yet it is neither shaken nor chilled. Another cell on it goes along, or is broken down.',
    'give-it-a-frame-of-brood': 'Give it a frame of brood, unless the cell hangs on one, and a frame of food.',
    'brush-bees-in': 'Brush bees of two more frames in, away from the queen if there is one; fill up with comb.',
    'stand-it-in-shade': 'Stand it in shade with a small entrance, and feed it. Then leave it shut.',
  },
  units: {
    nuc: { gets: 'the cell, a frame of brood, one of food, young bees', stands: 'aside' },
    parent: { gets: 'all else, its other cells too', stands: 'where it stood' },
  },
  schools: { 'one-cell-each': 'One cell each: a second one in a nuc this small is only torn down.' },
};
