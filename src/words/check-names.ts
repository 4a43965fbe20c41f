import type { CheckCode } from '../core/schedule/check';

/** What each check is called on a label. */
export const CHECK_NAMES: { readonly [C in CheckCode]: string } = {
  'first-look': 'first inspection',
  look: 'inspect',
  act: 'act',
  'thin-cells': 'thin cells',
  'find-cells': 'find cells',
  'make-room': 'make room',
  'move-parent': 'move it',
  eggs: 'eggs?',
  released: 'is she out?',
  'laying-check': 'laying?',
  'nuc-settled': 'settled?',
  'clear-top-cells': 'cells on top',
  'top-brood-gone': 'top brood gone?',
  'bottom-check': 'below',
  'supers-check': 'supers',
  'which-half': 'which half?',
  'board-in': 'board in',
  doors: 'entrances',
  'turn-hive': 'turn',
  'shift-boxes': 'shift',
  'space-check': 'room?',
  united: 'united?',
  'read-comb': 'test frame',
};
