import type { requeenMated as definition } from '../../core/methods/requeen-mated';
import type { MethodWordsOf } from './method-words';

export const requeenMated: MethodWordsOf<typeof definition> = {
  title: 'Requeen with a bought mated queen',
  fitsWhen: 'A colony queenless for 8 hours, better 24, whose cells are all down.',
  suits: 'A queenless colony when time is short: gains about three weeks.',
  ifItFails: 'A queen that cost money; the bees have grown older meanwhile.',
  lifting: null,
  kit: { 'mated-queen': 'mated queen in her cage', candy: 'candy', pin: 'a pin to hang the cage' },
  steps: {
    'no-queen-and-no-cell-left': 'Be sure that there is no queen and no live cell left.',
    'hang-the-cage':
      'Hang the cage between frames of brood, candy end up and tilted, so that it can neither melt on her nor be blocked.',
    'leave-it-alone-until-the-check': 'Leave it alone until the check.',
  },
  units: { hive: { gets: 'the caged queen', stands: 'where it stood' } },
  schools: { 'gains-about-three-weeks-over-raising': 'Gains about three weeks over raising one.' },
};
