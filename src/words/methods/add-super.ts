import type { addSuper as definition } from '../../core/methods/space-additions';
import type { MethodWordsOf } from './method-words';

export const addSuper: MethodWordsOf<typeof definition> = {
  title: 'Add a super',
  fitsWhen: 'The supers are nearly full, or the flow begins.',
  suits: 'A colony on a flow with its supers filling.',
  ifItFails: 'Time: she runs out of room to lay, and cups will have eggs in them.',
  lifting: 'Boxes above the brood nest are taken off and put back.',
  kit: { super: 'super with frames', 'queen-excluder': 'queen excluder' },
  steps: {
    'above-or-below-the-fullest': 'Put it above or below the fullest super.',
    'excluder-below':
      'Put the excluder under it. First make sure that the queen is below, and that no drones are left above.',
  },
  units: { hive: { gets: 'room', stands: 'where it stood' } },
  schools: {
    'over-the-fullest-is-easier': 'Over the fullest is easier to lift and to check, under it draws the bees up sooner.',
  },
};
