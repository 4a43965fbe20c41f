import type { Looked } from '../core/brood/looked';
import type {
  ColonyOrigin,
  Drones,
  Piping,
  QueenHandled,
  QueenSeenAs,
  QueenWanted,
  Stores,
  Temper,
} from '../core/colony/facts';
import type { FoodLeft } from '../core/food/food';

// What is chosen from a short list, as it is tapped.

export const STORES_WORDS: { readonly [S in Stores]: string } = {
  room: 'has room',
  nectar: 'nectar in the way',
  honey: 'honey in the way',
  pollen: 'pollen in the way',
  'not-looked-for': 'did not look',
};

export const DRONES_WORDS: { readonly [D in Drones]: string } = {
  flying: 'flying',
  'sealed-only': 'only sealed',
  none: 'looked, none',
  'not-looked-for': 'did not look',
};

export const PIPING_WORDS: { readonly [P in Piping]: string } = {
  'not-listened': 'did not listen',
  none: 'listened, none',
  tooting: 'tooting',
  quacking: 'quacking',
  both: 'both',
};

export const TEMPER_WORDS: { readonly [T in Temper]: string } = {
  calm: 'calm',
  uneasy: 'uneasy, running',
  defensive: 'defensive, following',
  'not-noted': 'not noted',
};

export const FOOD_WORDS: { readonly [F in FoodLeft]: string } = {
  enough: 'enough',
  little: 'little: feed it',
  'not-looked-for': 'did not look',
};

export const SEEN_AS_WORDS: { readonly [S in QueenSeenAs]: string } = {
  'not-said': 'cannot tell',
  'as-known': 'the one I know',
  virgin: 'a virgin',
  unmarked: 'no mark on her',
};

export const HANDLED_WORDS: { readonly [H in QueenHandled]: string } = {
  left: 'left her',
  caged: 'caged her in it',
  taken: 'took her out',
};

export const WANTED_WORDS: { readonly [W in QueenWanted]: string } = {
  nothing: 'nothing',
  queen: 'a queen or a cell',
  'better-strain': 'a better strain',
};

/** How a colony began, as it is chosen from a list. */
export const ORIGIN_WORDS: { readonly [O in ColonyOrigin]: string } = {
  established: 'established',
  nuc: 'a nuc with a laying queen',
  'prime-swarm': 'a prime swarm, hived',
  cast: 'a cast, hived (virgin queen)',
  split: 'a split',
};

/** Seen, looked for and not found, not looked for: three answers everywhere. */
export const LOOKED_CHOICES: { readonly [L in Looked]: string } = {
  seen: 'seen',
  none: 'looked, none',
  'not-looked-for': 'did not look',
};
