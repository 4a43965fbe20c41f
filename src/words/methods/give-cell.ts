import type { giveCell as definition } from '../../core/methods/give-cell';
import type { MethodWordsOf } from './method-words';

export const giveCell: MethodWordsOf<typeof definition> = {
  title: 'Give a cell from another colony',
  fitsWhen: 'It has no queen and no cells of its own, and another colony has a cell to spare.',
  suits: 'Whenever cells would be destroyed next door: saves a week or two over raising one.',
  ifItFails: 'Two to three weeks; nothing else.',
  lifting: null,
  kit: { cell: 'a frame with a cell, or a cell cut out with comb round it' },
  steps: {
    'ripe-cells-travel-best':
      'Ripe cells travel best. Keep it upright and warm; one that is sealed and not ripe yet must be neither shaken nor chilled.',
    'hang-the-frame': 'Hang the frame, or press the cut-out cell into a comb, in the middle of the bees, tip down.',
    'leave-it-shut': 'Then leave it shut.',
  },
  units: { hive: { gets: 'the cell', stands: 'where it stood' } },
  schools: {},
};
