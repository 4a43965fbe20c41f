import type { demaree as definition } from '../../core/methods/demaree';
import type { MethodWordsOf } from './method-words';

export const demaree: MethodWordsOf<typeof definition> = {
  title: 'Demaree',
  fitsWhen: 'A strong colony before its cells are sealed, with the main flow on or within two weeks.',
  suits: 'A strong colony that is to stay whole for the flow; no second stand is needed.',
  ifItFails: 'It may swarm from cells that were missed, below or above.',
  lifting: 'The full brood box goes on top of the supers, and comes off again after three weeks.',
  kit: {
    'brood-box-with-comb': 'second brood box with drawn comb',
    'queen-excluder': 'queen excluder, a second one if wanted',
    super: 'a super',
    help: 'help with lifting',
  },
  steps: {
    'lift-the-brood-box-off': 'Lift the brood box off and stand a box of comb on the floor.',
    'search-every-frame':
      'Find the queen and put her frame aside. Then shake the bees off every other frame, look it over and break down every cell (first see whether a colony needs one). Look hers over with the bees brushed aside.',
    'queen-into-the-bottom-box':
      'Put the queen in the bottom box with one or two frames with only a little brood, comb and food.',
    'excluder-supers-and-brood-on-top': 'Excluder, supers, a second excluder if wanted, and the brood on top.',
    'way-out-for-drones': 'Give drones a way out above the excluder.',
  },
  units: {
    bottom: { gets: 'the queen, little brood, comb and food', stands: 'below the excluder' },
    top: { gets: 'the other brood, free of cells', stands: 'above the supers' },
  },
  schools: {
    'one-check-of-the-top-box':
      'One check of the top box on day 6 to 8 is enough by the biology; searching once more by day 10 costs little: say so in the result.',
    'open-brood-may-go-up': 'Open brood may go up unless nights are cold. Sealed brood alone raises no cells.',
    'second-excluder': 'A second excluder under the top box keeps a missed virgin from the queen; many go without.',
  },
};
