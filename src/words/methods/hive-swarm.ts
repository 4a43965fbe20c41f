import type { hiveSwarm as definition } from '../../core/methods/hive-swarm';
import type { MethodWordsOf } from './method-words';

export const hiveSwarm: MethodWordsOf<typeof definition> = {
  title: 'Hive a swarm',
  fitsWhen: 'A swarm has been taken.',
  suits: 'For anyone with a swarm and an empty hive.',
  ifItFails: 'The swarm may leave again, or its queen may fail.',
  lifting: null,
  kit: { 'box-with-comb': 'box with drawn comb or foundation', feeder: 'feeder', sheet: 'sheet or board' },
  steps: {
    'hive-it-towards-evening': 'Hive it towards evening.',
    'feed-when-there-is-no-flow':
      'Feed when there is no flow, but not on the first day, so that honey it brought is used up.',
    'there-is-no-sealed-brood':
      'There is no sealed brood for some days: mite treatment works best now, by label and local rule.',
  },
  units: { hive: { gets: 'the swarm', stands: 'where you choose' } },
  schools: {},
};
