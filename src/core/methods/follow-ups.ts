import { NUC_SETTLES } from '../biology/mating';
import type { FollowUp } from './method';

/** Follow-ups that several methods share. */
export const NUC_SETTLED_FOLLOW_UP: FollowUp = {
  unit: 'nuc',
  code: 'nuc-settled',
  from: NUC_SETTLES.value.early,
  ideal: NUC_SETTLES.value.typical,
  to: NUC_SETTLES.value.late,
  why: 'Is she laying, is there food, are there cells?',
};

export const WHICH_HALF_FOLLOW_UP: FollowUp = {
  unit: 'both',
  code: 'which-half',
  from: 5,
  ideal: 6,
  to: 7,
  why: 'Cells without eggs show the queenless half, eggs the queen’s. Cells in neither: the split has failed.',
};

/** After a Demaree, whole or part. */
export const DEMAREE_FOLLOW_UPS: readonly FollowUp[] = [
  {
    unit: 'top',
    code: 'clear-top-cells',
    from: 6,
    ideal: 7,
    to: 8,
    why: 'Bees far from the queen raise cells on the brood above: break every one down before the ninth day, or a virgin may be out up there.',
    unless: 'onlySealedBroodUp',
  },
  { unit: 'bottom', code: 'bottom-check', from: 6, ideal: 7, to: 8, why: 'Any new cells? Has she room to lay?' },
  { unit: 'hive', code: 'supers-check', from: 14, to: 21, why: 'Do the supers fill, and is it to be done again?' },
  {
    unit: 'top',
    code: 'top-brood-gone',
    from: 22,
    to: 25,
    why: 'Workers above have all emerged by day 22, drones by day 25: give drones a way out above the excluder. The box is honey now and heavy.',
  },
];

/** A look whether a space addition has done its work. */
export function spaceCheck(from: number, to: number, why: string): readonly FollowUp[] {
  return [{ unit: 'hive', code: 'space-check', from, to, why }];
}
