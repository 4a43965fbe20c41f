import { CAGE_CHECK, RELEASED_QUEEN_LAYS } from '../biology/mating';
import { NOT_COUNTED } from './kit-items';
import { type Method, NO_NEEDS } from './method';
import { say } from './says';

export const requeenMated = {
  name: 'requeen-mated',
  kind: 'queen',
  needs: { ...NO_NEEDS, cells: 'none', missesQueen: true },
  kit: [
    { code: 'mated-queen', brings: NOT_COUNTED },
    { code: 'candy', brings: NOT_COUNTED },
    { code: 'pin', brings: NOT_COUNTED },
  ],
  cautions: ['stings', 'smoker'],
  lifts: false,
  clearsCells: true,
  steps: ['no-queen-and-no-cell-left', 'hang-the-cage', 'leave-it-alone-until-the-check'],
  units: [{ name: 'hive', queen: 'caged' }],
  followUps: [
    {
      unit: 'hive',
      code: 'released',
      from: CAGE_CHECK.value.early,
      to: CAGE_CHECK.value.late,
      why: say('is-she-out-of-the-cage'),
    },
    {
      unit: 'hive',
      code: 'laying-check',
      from: RELEASED_QUEEN_LAYS.value.early,
      to: RELEASED_QUEEN_LAYS.value.late,
      why: say('eggs-are-due'),
    },
  ],
  raisesQueen: null,
  options: [],
  failures: ['caged-queen-not-taken'],
  schools: ['gains-about-three-weeks-over-raising'],
} as const satisfies Method;
