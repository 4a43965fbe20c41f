import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const giveCell: Method = {
  name: 'give-cell',
  title: 'Give a cell from another colony',
  kind: 'queen',
  fitsWhen: 'It has no queen and no cells of its own, and another colony has a cell to spare.',
  needs: { ...NO_NEEDS, drones: true },
  kit: ['a frame with a cell, or a cell cut out with comb round it'],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifting: null,
  suits: 'Whenever cells would be destroyed next door: saves a week or two over raising one.',
  ifItFails: 'Two to three weeks; nothing else.',
  clearsCells: false,
  steps: [
    'Ripe cells travel best. Keep it upright and warm; one that is sealed and not ripe yet must be neither shaken nor chilled.',
    'Hang the frame, or press the cut-out cell into a comb, in the middle of the bees, tip down.',
    'Then leave it shut.',
  ],
  units: [{ name: 'hive', queen: 'gone', gets: 'the cell', stands: 'where it stood' }],
  followUps: [],
  raisesQueen: { unit: 'hive', thinned: false, isMoved: false },
  options: ['keptCells'],
  failures: QUEEN_RAISING_FAILURES,
  schools: [],
};
