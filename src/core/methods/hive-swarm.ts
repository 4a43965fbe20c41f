import { CAST_LAYS, PRIME_SWARM_LAYS } from '../biology/mating';
import { type Method, NO_NEEDS } from './method';

export const hiveSwarm: Method = {
  name: 'hive-swarm',
  title: 'Hive a swarm',
  kind: 'swarm',
  fitsWhen: 'A swarm has been taken.',
  needs: NO_NEEDS,
  kit: ['box with drawn comb or foundation', 'feeder', 'sheet or board'],
  cautions: ['stings', 'smoker', 'treatment'],
  lifting: null,
  suits: 'For anyone with a swarm and an empty hive.',
  ifItFails: 'The swarm may leave again, or its queen may fail.',
  clearsCells: false,
  steps: [
    'Hive it towards evening.',
    'Feed when there is no flow, but not on the first day, so that honey it brought is used up.',
    'There is no sealed brood for some days: mite treatment works best now, by label and local rule.',
  ],
  units: [{ name: 'hive', queen: 'unchanged', gets: 'the swarm', stands: 'where you choose', isNewColony: true }],
  followUps: [
    {
      unit: 'hive',
      code: 'laying-check',
      from: PRIME_SWARM_LAYS.value.early,
      to: PRIME_SWARM_LAYS.value.late,
      why: 'A prime swarm’s old queen lays again after three days on comb, about seven on foundation.',
      swarm: 'prime',
    },
    {
      unit: 'hive',
      code: 'laying-check',
      from: CAST_LAYS.value.early,
      to: CAST_LAYS.value.late,
      why: 'A cast has a virgin: she has to fly and mate before she lays.',
      swarm: 'cast',
    },
  ],
  raisesQueen: null,
  options: ['swarm'],
  failures: [{ sign: 'No eggs by the end of the window', remedy: 'Test frame, or unite it with another colony.' }],
  schools: [],
};
