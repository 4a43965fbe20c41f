import type { verticalSplit as definition } from '../../core/methods/vertical-split';
import type { MethodWordsOf } from './method-words';

export const verticalSplit: MethodWordsOf<typeof definition> = {
  title: 'Vertical split over a split board',
  fitsWhen: 'Little room, a cold place or no second stand.',
  suits: 'Little room, a cold place, no second stand.',
  ifItFails: 'The top box stays queenless; put it back on the lower one.',
  lifting: 'A full box is lifted over the supers.',
  kit: {
    'split-board': 'split board with entrances',
    'second-brood-box': 'second brood box',
    'comb-or-foundation': 'comb or foundation',
  },
  steps: {
    'eggs-and-brood-up':
      'Eggs, young larvae, brood and food into the upper box, without the queen. Not found? Shake every bee into the lower box, put an excluder over it and the upper box on that; the young bees come up by the next day, she cannot.',
    'queen-stays-below': 'The queen with the rest stays below, supers above her.',
    'split-board-between':
      'Queen found: put the split board between now, its upper entrance open to one side. Not found: leave the excluder in until tomorrow, then swap it for the board. (Without bees above, the brood chills.)',
  },
  units: {
    top: { gets: 'eggs, brood and food, no queen', stands: 'above the split board' },
    bottom: { gets: 'the queen, some brood and the supers', stands: 'where it stood' },
  },
  schools: { 'thin-the-cells-in-the-top': 'Thin the cells in the top box once more on day 6 to 8.' },
};
