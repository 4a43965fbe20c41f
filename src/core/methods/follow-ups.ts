import { NUC_SETTLES } from '../biology/mating';
import type { Said } from '../says/said';
import type { FollowUp } from './method';
import { say } from './says';

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
  from: 5,
  ideal: 6,
  to: 7,
  why: say('cells-without-eggs-show-the-queenless-half'),
};

/** After a Demaree, whole or part. */
export const DEMAREE_FOLLOW_UPS: readonly FollowUp[] = [
  {
    unit: 'top',
    code: 'clear-top-cells',
    from: 6,
    ideal: 7,
    to: 8,
    why: say('bees-far-from-the-queen-raise-cells'),
    unless: 'onlySealedBroodUp',
  },
  { unit: 'bottom', code: 'bottom-check', from: 6, ideal: 7, to: 8, why: say('any-new-cells') },
  { unit: 'hive', code: 'supers-check', from: 14, to: 21, why: say('do-the-supers-fill') },
  {
    unit: 'top',
    code: 'top-brood-gone',
    from: 22,
    to: 25,
    why: say('all-emerged-above'),
  },
];

/** A look whether a space addition has done its work. */
export function spaceCheck(from: number, to: number, why: Said): readonly FollowUp[] {
  return [{ unit: 'hive', code: 'space-check', from, to, why }];
}
