import type { Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import type { MethodName } from '../methods/method';
import { METHODS } from '../methods/methods';
import type { Assumed } from './assumed';

/** A colony as it stands on the first day. Cells and bees are counts, `honeyKg` is all its honey. */
export interface ColonyNow {
  readonly bees: number;
  readonly eggs: number;
  readonly larvae: number;
  readonly sealed: number;
  /** Of the brood boxes: drawn and empty, and with honey or pollen. */
  readonly freeCells: number;
  readonly storeCells: number;
  readonly honeyKg: number;
  /** `year`: 1 raised this year, 2 after one winter, 3 after two or more; null: it has no laying queen. */
  readonly queen: { readonly layingPerDay: number; readonly year: 1 | 2 | 3 } | null;
  /** It prepares to swarm already: when the egg of its oldest cell was laid. */
  readonly oldestCellLaid: DayRange | null;
}

/** A flow: what a scale under a colony of 30,000 would show a day. */
export interface FlowAsked extends DayRange {
  readonly kgPerDay: number;
}

/** What can be chosen beside the methods. */
export const ACTS = ['nothing', 'take-cells-down'] as const;
export type ChoiceName = (typeof ACTS)[number] | MethodName;

/** Every choice that can be reckoned: a method is one by saying what it does with bees and brood. */
export const CHOICES: readonly ChoiceName[] = [
  ...ACTS,
  ...METHODS.filter(
    ({ divides, sendsUp, units }) => divides || sendsUp || units.some(({ queen }) => queen === 'caged'),
  ).map(({ name }) => name),
];

export interface Choice {
  readonly choice: ChoiceName;
  readonly on: Day;
  /** A box or a super is given whenever the bees cover what they have. */
  readonly giveRoom: boolean;
  /** Instead of raising one. */
  readonly buysQueen: boolean;
}

export interface WhatIfAsked {
  readonly from: Day;
  readonly days: number;
  readonly seed: number;
  readonly runs: number;
  /** The swarm season; before it is build-up. */
  readonly season: DayRange;
  readonly colony: ColonyNow;
  readonly flow: readonly FlowAsked[];
  /** The chance that a virgin comes to lay. */
  readonly matingSuccess: number;
  /** What the keeper thinks otherwise about; all else is as usual. */
  readonly assumed?: Partial<Assumed>;
}
