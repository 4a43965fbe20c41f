import type { giveEggs as definition } from '../../core/methods/give-eggs';
import type { MethodWordsOf } from './method-words';

export const giveEggs: MethodWordsOf<typeof definition> = {
  title: 'Give another frame of eggs',
  fitsWhen: 'It has no queen, enough young bees, and there are drones.',
  suits: 'Early in the season, while it still has young bees to rear a queen.',
  ifItFails: 'A month more queenless: its bees are old by then.',
  lifting: null,
  kit: { 'frame-with-eggs': 'a frame with eggs and young larvae from another colony, bees shaken off' },
  steps: {
    'take-a-frame-with-eggs':
      'Take a frame with eggs and young larvae from a healthy colony. Make sure its queen is not on it, then shake every bee off.',
    'hang-it-in-the-middle': 'Hang it in the middle of the bees: they raise cells on it.',
  },
  units: { hive: { gets: 'the frame with eggs', stands: 'where it stood' } },
  schools: { 'costs-about-four-weeks': 'Costs about four weeks; a bought queen lays within two.' },
};
