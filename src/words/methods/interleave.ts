import type { interleave as definition } from '../../core/methods/space-additions';
import type { MethodWordsOf } from './method-words';

export const interleave: MethodWordsOf<typeof definition> = {
  title: 'Interleave empty frames',
  fitsWhen: 'Warm nights and a strong colony.',
  suits: 'A strong colony in mild weather: she gets more room at once.',
  ifItFails: 'Time: she runs out of room to lay, and cups will have eggs in them.',
  lifting: 'Boxes above the brood nest are taken off and put back.',
  kit: { 'comb-or-foundation': 'frames of comb or foundation' },
  steps: {
    'alternate-brood-and-empty-frames':
      'Alternate brood and empty frames; keep two brood frames together in the middle.',
    'young-larvae-stay-together': 'Young larvae stay together; empties go beside emerging brood.',
  },
  units: { hive: { gets: 'room', stands: 'where it stood' } },
  schools: {
    'interleave-only-in-mild-nights':
      'Interleave only when the next five nights stay mild and the colony is strong; otherwise open the sides, so that the nest stays in one piece.',
  },
};
