import type { Day } from '../calendar/day';
import { type Plain, sayer } from '../says/said';
import type { FailureCode } from './failures';

/** What is counted before a method. */
export type Counted = 'frames-of-brood' | 'covered-seams';

/** What is said of methods: why what follows them is looked at, whether they fit, and what is missing. */
export interface MethodSays {
  'move-the-weaker-nearer': Plain;
  'is-she-laying': Plain;
  'cells-without-eggs-show-the-queenless-half': Plain;
  'bees-far-from-the-queen-raise-cells': Plain;
  'any-new-cells': Plain;
  'do-the-supers-fill': Plain;
  'all-emerged-above': Plain;
  'prime-swarms-old-queen-lays-again': Plain;
  'cast-has-a-virgin': Plain;
  'is-she-laying-and-fed': Plain;
  'faced-away': Plain;
  'is-she-out-of-the-cage': Plain;
  'eggs-are-due': Plain;
  'is-the-new-comb-laid-in': Plain;
  'nest-was-left-alone-until-now': Plain;
  'does-she-lay-in-the-comb': Plain;
  'does-she-lay-or-is-pollen-back': Plain;
  'have-they-moved-up': Plain;
  'is-it-being-filled': Plain;
  'cells-on-the-test-frame': Plain;
  'is-the-paper-gone': Plain;
  'young-bees-have-come-up-through': Plain;
  'switch-the-entrances': Plain;
  'would-spoil-it': Plain;
  'has-its-own-queen': Plain;
  'queen-not-known': Plain;
  'no-queen-to-part': Plain;
  'half-not-known': Plain;
  'room-too-late': Plain;
  'nest-not-bound': { readonly by: 'honey' | 'pollen' };
  'would-kill-her': Plain;
  'keep-no-cell': Plain;
  'not-swarmed': Plain;
  'only-for-a-swarm': Plain;
  'shake-out-first': Plain;
  'which-half-not-known': Plain;
  'has-live-cells': Plain;
  'needs-its-only-cell': Plain;
  'drones-only-sealed': Plain;
  'takes-second-stand': Plain;
  'room-alone-too-late': Plain;
  'already-sealed': Plain;
  'not-counted': { readonly what: Counted; readonly needed: number };
  'are-needed': { readonly what: Counted; readonly needed: number; readonly there: number };
  'queen-not-found': Plain;
  'drones-not-looked-for': Plain;
  'no-drones': Plain;
  'no-live-cell': Plain;
  'flow-not-noted': Plain;
  'flow-too-far': { readonly inDays: number; readonly near: number };
  'no-second-stand': Plain;
  'nights-not-noted': { readonly warmC: number };
  'nights-too-cold': { readonly coldestC: number; readonly warmC: number };
  'no-young-brood': { readonly days: number };
  'queenless-today': Plain;
  'both-may-lay': Plain;
  'cells-in-the-way': Plain;
  'thin-again': Plain;
  'move-to-the-other-side': Plain;
  'kept-cell-may-open': { readonly from: Day };
  'look-for-her-eggs': Plain;
  'none-by': { readonly latest: Day; readonly failedOn: Day };
  'failure-sign': { readonly failure: FailureCode };
  'failure-remedy': { readonly failure: FailureCode };
  'eggs-seen-done': Plain;
  'no-eggs-by': { readonly on: Day };
}

export const say = sayer<MethodSays>('methods');
