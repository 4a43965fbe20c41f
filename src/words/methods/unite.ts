import type { unite as definition } from '../../core/methods/unite';
import type { MethodWordsOf } from './method-words';

export const unite: MethodWordsOf<typeof definition> = {
  title: 'Unite two units',
  fitsWhen: 'One of two has failed. Not with laying workers, unless they are shaken out.',
  suits: 'A unit too weak or too old to be given another queen.',
  ifItFails: 'Bees are lost in the fighting; in the worst case the queen.',
  lifting: 'One hive is lifted onto the other.',
  kit: { newspaper: 'a sheet of newspaper', pin: 'a pin to prick it' },
  steps: {
    'only-one-queen':
      'See that only one has a queen. Where both lay, keep the younger or the better layer, and take the other out the day before.',
    'paper-over-the-box': 'Paper over the box with the queen, pricked in a few places; the other box on top.',
    'leave-it-alone-until-the-check': 'Leave it alone until the check.',
  },
  units: {
    hive: { gets: 'both', stands: 'where the queen’s stood' },
    joined: { gets: 'nothing: its bees go to the other', stands: 'nowhere any more' },
  },
  schools: {},
};
