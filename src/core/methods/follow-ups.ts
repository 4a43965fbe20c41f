import { DRONE_EMERGES, LAST_QUEENABLE_AGE, QUEEN_EMERGES, WORKER_EMERGES } from '../biology/development';
import { figure } from '../biology/figure';
import { NUC_SETTLES } from '../biology/mating';
import type { Said } from '../says/said';
import type { FollowUp } from './method';
import { say } from './says';

/** Cells show by then which half has none to lay, and none of the eggs of before are left to mislead. */
const WHICH_HALF = figure('find-the-queenless-half', { early: 5, typical: 6, late: 7 }, 'days-since-made', 'practice');

/** Once no larva is young enough any more, and before the oldest that was can be out as a virgin. */
const SEARCH_ABOVE = figure(
  'search-above-the-excluder',
  {
    early: LAST_QUEENABLE_AGE.value,
    typical: LAST_QUEENABLE_AGE.value + 1,
    late: QUEEN_EMERGES.value.early - LAST_QUEENABLE_AGE.value - 1,
  },
  'days-since-made',
  'derived',
);

const SUPERS_AFTER = figure(
  'supers-after-a-demaree',
  { early: 14, typical: 14, late: 21 },
  'days-since-made',
  'practice',
);

/** Laid on the last day before it: workers are out by the one, drones by the other. */
const BROOD_ABOVE_GONE = figure(
  'brood-above-has-emerged',
  { early: WORKER_EMERGES.value.late, typical: WORKER_EMERGES.value.late, late: DRONE_EMERGES.value.late },
  'days-since-made',
  'derived',
);

/** Follow-ups that several methods share. */
export const NUC_SETTLED_FOLLOW_UP: FollowUp = {
  unit: 'nuc',
  code: 'nuc-settled',
  from: NUC_SETTLES.value.early,
  ideal: NUC_SETTLES.value.typical,
  to: NUC_SETTLES.value.late,
  why: say('is-she-laying'),
};

export const WHICH_HALF_FOLLOW_UP: FollowUp = {
  unit: 'both',
  code: 'which-half',
  from: WHICH_HALF.value.early,
  ideal: WHICH_HALF.value.typical,
  to: WHICH_HALF.value.late,
  why: say('cells-without-eggs-show-the-queenless-half'),
};

/** After a Demaree, whole or part. */
export const DEMAREE_FOLLOW_UPS: readonly FollowUp[] = [
  {
    unit: 'top',
    code: 'clear-top-cells',
    from: SEARCH_ABOVE.value.early,
    ideal: SEARCH_ABOVE.value.typical,
    to: SEARCH_ABOVE.value.late,
    why: say('bees-far-from-the-queen-raise-cells'),
    unless: 'onlySealedBroodUp',
  },
  {
    unit: 'bottom',
    code: 'bottom-check',
    from: SEARCH_ABOVE.value.early,
    ideal: SEARCH_ABOVE.value.typical,
    to: SEARCH_ABOVE.value.late,
    why: say('any-new-cells'),
  },
  {
    unit: 'hive',
    code: 'supers-check',
    from: SUPERS_AFTER.value.early,
    to: SUPERS_AFTER.value.late,
    why: say('do-the-supers-fill'),
  },
  {
    unit: 'top',
    code: 'top-brood-gone',
    from: BROOD_ABOVE_GONE.value.early,
    to: BROOD_ABOVE_GONE.value.late,
    why: say('all-emerged-above'),
  },
];

/** A look whether a space addition has done its work. */
export function spaceCheck(from: number, to: number, why: Said): readonly FollowUp[] {
  return [{ unit: 'hive', code: 'space-check', from, to, why }];
}
