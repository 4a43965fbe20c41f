import { type Method, NO_NEEDS } from './method';
import { QUEEN_RAISING_FAILURES } from './queen-raising-failures';

export const giveEggs: Method = {
  name: 'give-eggs',
  title: 'Give another frame of eggs',
  kind: 'queen',
  fitsWhen: 'It has no queen, enough young bees, and there are drones.',
  needs: { ...NO_NEEDS, drones: true },
  kit: ['a frame with eggs and young larvae from another colony, bees shaken off'],
  cautions: ['stings', 'smoker', 'brood-disease'],
  lifting: null,
  suits: 'Early in the season, while it still has young bees to rear a queen.',
  ifItFails: 'A month more without a queen: its bees are old by then.',
  clearsCells: false,
  steps: [
    'Take a frame with eggs and young larvae from a healthy colony and shake every bee off it.',
    'Hang it in the middle of the bees: they raise cells on it.',
  ],
  units: [{ name: 'hive', queen: 'taken', gets: 'the frame with eggs', stands: 'where it stood' }],
  followUps: [],
  raisesQueen: { unit: 'hive', thinned: true, isMoved: false },
  options: ['secondThinning'],
  failures: QUEEN_RAISING_FAILURES,
  schools: ['Costs about four weeks; a bought queen lays within two.'],
};
