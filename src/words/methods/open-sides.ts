import type { openSides as definition } from '../../core/methods/space-additions';
import type { MethodWordsOf } from './method-words';

export const openSides: MethodWordsOf<typeof definition> = {
  title: 'Open the sides of the brood nest',
  fitsWhen: 'Early and cool, before swarm preparations.',
  suits: 'Early and cool: the safe way before a colony is strong.',
  ifItFails: 'Time: she runs out of room to lay, and cups will have eggs in them.',
  lifting: 'Boxes above the brood nest are taken off and put back.',
  kit: { 'comb-or-foundation': 'frames of comb or foundation', 'box-above': 'a box above' },
  steps: {
    'lift-a-brood-frame': 'Lift a brood frame from the edge next to the brood above.',
    'new-frames-at-the-edges': 'New frames at the edges of the nest; the nest stays one piece.',
  },
  units: { hive: { gets: 'room', stands: 'where it stood' } },
  schools: {
    'interleave-only-in-mild-nights':
      'Interleave only when the next five nights stay mild and the colony is strong; otherwise open the sides, so that the nest stays in one piece.',
  },
};
