import type { RuleName } from '../core/space/arrangement-rules';
import type { Content } from '../core/space/content';
import type { Glance } from '../core/space/count-survey';

/** What a comb holds. */
export const CONTENT_WORDS: { readonly [C in Content]: string } = {
  eggs: 'eggs',
  larvae: 'open larvae',
  sealed: 'sealed brood',
  drone: 'drone brood',
  pollen: 'pollen',
  nectar: 'nectar',
  honey: 'sealed honey',
  empty: 'empty comb',
  droneComb: 'empty drone comb',
  undrawn: 'not drawn',
  unseen: 'not inspected',
};

/** What a frame mainly holds, as it is told at a glance. */
export const GLANCE_WORDS: { readonly [G in Glance]: string } = {
  ...CONTENT_WORDS,
  brood: 'brood of all ages',
  young: 'eggs and larvae',
};

/** What each rule asks for. */
export const RULE_WORDS: { readonly [R in RuleName]: string } = {
  'brood-in-one-block': 'no frame without brood between frames of brood',
  'young-brood-warm': 'no empty frame beside eggs or larvae while nights are cold',
  'stores-outside': 'outside the brood pollen, outside that honey',
  'queen-known': 'it is known which frame the queen is on before brood leaves its hive',
  'queen-in-place': 'the queen is not taken out, not above an excluder, and in the unit that is to have her',
  'queen-kept-down': 'what keeps the queen from boxes above stays where it does so',
  'kept-cell-not-shaken': 'no frame with a kept cell is shaken',
  'kept-cell-in-place': 'no frame with a kept cell is taken out or put in the wrong unit',
  'no-cells-with-queen': 'no live cell in the unit that has the queen',
  'right-number': 'every box holds its number of frames, or is closed with a dummy',
  'frame-fits': 'every frame is of the size that its box takes',
  'no-moves-with-disease': 'nothing leaves a hive with signs of brood disease',
};
