import { CAGE_CHECK, RELEASED_QUEEN_LAYS } from '../biology/mating';
import { type Method, NO_NEEDS } from './method';

export const requeenMated: Method = {
  name: 'requeen-mated',
  title: 'Requeen with a bought mated queen',
  kind: 'queen',
  fitsWhen: 'A colony without a queen for 8 hours, better 24, whose cells are all down.',
  needs: NO_NEEDS,
  kit: ['mated queen in her cage', 'candy', 'a pin to hang the cage'],
  cautions: ['stings', 'smoker'],
  lifting: null,
  suits: 'A colony without a queen when time is short: gains about three weeks.',
  ifItFails: 'A queen that cost money; the bees have grown older meanwhile.',
  clearsCells: true,
  steps: [
    'Be sure that there is no queen and no live cell left.',
    'Hang the cage between frames of brood, candy end up and tilted, so that it can neither melt on her nor be blocked.',
    'Leave it alone until the check.',
  ],
  units: [{ name: 'hive', queen: 'caged', gets: 'the caged queen', stands: 'where it stood' }],
  followUps: [
    {
      unit: 'hive',
      code: 'released',
      from: CAGE_CHECK.value.early,
      to: CAGE_CHECK.value.late,
      why: 'Is she out of the cage? If not, let her out among quiet bees.',
    },
    {
      unit: 'hive',
      code: 'laying-check',
      from: RELEASED_QUEEN_LAYS.value.early,
      to: RELEASED_QUEEN_LAYS.value.late,
      why: 'Eggs are due. New cells mean that she was not taken.',
    },
  ],
  raisesQueen: null,
  options: [],
  failures: [
    {
      sign: 'She is dead or cells are started',
      remedy: 'There may be another queen: search, then try again or unite.',
    },
  ],
  schools: ['Gains about three weeks over raising one.'],
};
