import type { Day } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';

export const CHECK_CODES = [
  'first-look',
  'look',
  'act',
  'thin-cells',
  'find-cells',
  'eggs',
  'released',
  'laying-check',
  'nuc-settled',
] as const;
export type CheckCode = (typeof CHECK_CODES)[number];

/** Something to be done at a hive: between which days, and why then. */
export interface Check {
  readonly code: CheckCode;
  readonly window: CheckWindow;
  readonly why: string;
  /** What is to be done, where the code alone does not say it. */
  readonly order?: string;
}

/** Days on which a hive is not to be opened, inclusive. */
export interface LeaveShut {
  readonly from: Day;
  readonly to: Day;
}

export type Urgency = 'late' | 'now' | 'later';

/** Late once its window has passed; now while it is open. */
export function urgencyOf({ window }: Check, today: Day): Urgency {
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
  eggs: 'eggs?',
  released: 'is she out?',
  'laying-check': 'laying?',
  'nuc-settled': 'settled?',
};
