import { CAST_LAYS, PRIME_SWARM_LAYS } from '../biology/mating';
import { A_BOX_WITH_COMB, A_FEEDER, NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { say } from './says';

export const hiveSwarm = {
  name: 'hive-swarm',
  kind: 'swarm',
  needs: NO_NEEDS,
  kit: [
    { code: 'box-with-comb', brings: A_BOX_WITH_COMB },
    { code: 'feeder', brings: A_FEEDER },
    { code: 'sheet', brings: NOT_COUNTED },
  ],
  cautions: ['stings', 'smoker', 'treatment'],
  lifts: false,
  clearsCells: false,
  steps: ['hive-it-towards-evening', 'feed-when-there-is-no-flow', 'there-is-no-sealed-brood'],
  units: [{ name: 'hive', queen: 'unchanged', isNewColony: true }],
  followUps: [
    {
      unit: 'hive',
      code: 'laying-check',
      from: PRIME_SWARM_LAYS.value.early,
      to: PRIME_SWARM_LAYS.value.late,
      why: say('prime-swarms-old-queen-lays-again'),
      swarm: 'prime',
    },
    {
      unit: 'hive',
      code: 'laying-check',
      from: CAST_LAYS.value.early,
      to: CAST_LAYS.value.late,
      why: say('cast-has-a-virgin'),
      swarm: 'cast',
    },
  ],
  raisesQueen: null,
  options: ['swarm'],
  failures: ['no-eggs-of-the-swarm'],
  schools: [],
} as const satisfies Method;
