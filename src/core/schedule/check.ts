import type { Day } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import { FOLLOW_UP_CODES } from '../methods/method';

export const CHECK_CODES = ['first-look', 'look', 'act', 'find-cells', 'make-room', ...FOLLOW_UP_CODES] as const;
export type CheckCode = (typeof CHECK_CODES)[number];

/** Something to be done at a hive: between which days, and why then. */
export interface Check {
  /**
   * What it is, in its colony, whenever it may be due: its code and the fact that it hangs on. A check that is dated anew keeps
   * its key.
   */
  readonly key: string;
  readonly code: CheckCode;
  readonly window: CheckWindow;
  readonly why: string;
  /** What is to be done, where the code alone does not say it. */
  readonly order?: string;
  /** The programme that asks for it, and of which unit; null: it belongs to none. */
  readonly programme: { readonly id: string; readonly unit: string } | null;
  /** The day the keeper chose for it, which may lie outside its window; null: none was chosen. */
  readonly plannedFor: Day | null;
}

/** `eggs:0196...`: the key of a check that hangs on a fact; `nth` tells those of one code in one programme apart. */
export function checkKey(code: CheckCode, anchor: string, nth = 1): string {
  return nth === 1 ? `${code}:${anchor}` : `${code}:${anchor}:${nth}`;
}

/** The day it is best done, or is to be done because the keeper chose it. */
export function bestDay({ window, plannedFor }: Check): Day {
  return plannedFor ?? window.ideal;
}

/** Days on which a hive is not to be opened, inclusive. */
export interface LeaveShut {
  readonly from: Day;
  readonly to: Day;
}

export type Urgency = 'late' | 'now' | 'later';

/** Late once its window has passed; now while it is open. */
export function urgencyOf({ window }: Pick<Check, 'window'>, today: Day): Urgency {
  if (today > window.latest) return 'late';
  return today >= window.earliest ? 'now' : 'later';
}

/** What each check is called on a label. */
export const CHECK_NAMES: { readonly [C in CheckCode]: string } = {
  'first-look': 'first look',
  look: 'look',
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
  doors: 'doors',
  'space-check': 'room?',
  united: 'united?',
  'read-comb': 'read comb',
};
