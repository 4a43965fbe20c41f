import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const cellNuc: Method = {
  name: 'cell-nuc',
  title: 'Nuc with a ripe cell',
  kind: 'increase',
  fitsWhen: 'There are more good cells than the colony needs.',
  needs: { ...NO_NEEDS, drones: true, cells: 'kept', secondStand: true },
  kit: ['nuc box', 'comb or foundation', 'feeder'],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifting: null,
  suits: 'A colony that has swarmed, or will be thinned: a queen to spare for autumn or for next door.',
  ifItFails: 'A frame of brood and one of food; the frames go back.',
  clearsCells: false,
  steps: [
    'Take the frame with the cell: ripe travels best; sealed and not ripe yet it is neither shaken nor chilled. Another cell on it goes along, or is broken down.',
    'Give it a frame of brood, unless the cell hangs on one, and a frame of food.',
    'Brush bees of two more frames in, away from the queen if there is one; fill up with comb.',
    'Stand it in shade with a small entrance, and feed it. Then leave it shut.',
  ],
  units: [
    {
      name: 'nuc',
      queen: 'gone',
      gets: 'the cell, a frame of brood, one of food, young bees',
      stands: 'aside',
      isNewColony: true,
    },
    { name: 'parent', queen: 'unchanged', gets: 'all else, its other cells too', stands: 'where it stood' },
  ],
  followUps: [],
  raisesQueen: { unit: 'nuc', thinned: false, isMoved: false },
  options: ['keptCells'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['One cell each: a second one in a nuc this small is only torn down.'],
};
