import type { FrameHolds } from '../core/space/work-list/frame-holds';

/** What a frame is called by what it mainly holds. */
export const HOLDS_WORDS: { readonly [H in FrameHolds]: string } = {
  brood: 'brood',
  eggs: 'brood',
  larvae: 'brood',
  sealed: 'brood',
  drone: 'drone brood',
  pollen: 'pollen',
  nectar: 'nectar',
  honey: 'honey',
  empty: 'empty comb',
  droneComb: 'empty drone comb',
  undrawn: 'foundation',
  unseen: 'not inspected',
  comb: 'comb',
  dummy: 'dummy',
  feeder: 'feeder',
};
