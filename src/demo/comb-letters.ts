import type { Side } from '../core/space/content';

/** Frames of the demo by a letter each, as mixed as frames are: the left side and the right. */
export const COMB: { readonly [letter: string]: readonly [Side, Side] } = {
  H: [{ honey: 10 }, { honey: 10 }],
  N: [
    { nectar: 5, honey: 2, empty: 3 },
    { nectar: 4, honey: 2, empty: 4 },
  ],
  P: [
    { honey: 3, pollen: 7 },
    { honey: 3, pollen: 6, empty: 1 },
  ],
  B: [
    { honey: 2, pollen: 1, sealed: 4, larvae: 2, eggs: 1 },
    { honey: 1, pollen: 1, sealed: 4, larvae: 2, eggs: 1, empty: 1 },
  ],
  Y: [
    { honey: 2, pollen: 1, larvae: 4, eggs: 3 },
    { honey: 1, larvae: 4, eggs: 3, empty: 2 },
  ],
  S: [
    { honey: 2, sealed: 8 },
    { honey: 1, sealed: 8, drone: 1 },
  ],
  E: [{ empty: 10 }, { empty: 10 }],
  U: [{ undrawn: 10 }, { undrawn: 10 }],
};
