import type { Day } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import type { ReadingName } from '../inspections/reading';
import { type DailyTask, FOLLOW_UP_CODES } from '../methods/method';
import type { Said } from '../says/said';

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
  readonly why: Said;
  /** What is to be done, where the code alone does not say it. */
  readonly order?: Said;
  /** The programme that asks for it, and of which unit; null: it belongs to none. */
  readonly programme: { readonly id: string; readonly unit: string } | null;
  /** The day the keeper chose for it, which may lie outside its window; null: none was chosen. */
  readonly plannedFor: Day | null;
  /** The brood nest is opened for it: not on days on which the hive is to be left shut. */
  readonly opens: boolean;
  /** Why it is done even where the hive is to be left shut; null: then it is not. */
  readonly forced: Said | null;
  /** Of `act`: the reading that asks for it. */
  readonly reading?: ReadingName;
}

/** A check of which nothing else is said: it opens the hive, forces nothing, and no day was chosen for it. */
export function aCheck(check: Omit<Check, 'programme' | 'plannedFor' | 'opens' | 'forced'> & Partial<Check>): Check {
  return { programme: null, plannedFor: null, opens: OPENS[check.code], forced: null, ...check };
}

/** A task of a few minutes on each day of its window, with the hive shut. */
export const isDaily = (code: string): code is DailyTask['code'] => code === 'turn-hive' || code === 'shift-boxes';

/** The day it is best done, or is to be done because the keeper chose it. */
export function bestDay({ window, plannedFor }: Check): Day {
  return plannedFor ?? window.ideal;
}

/** `...:2` of a key is the second of its kind that the programme has. */
export const nthOf = ({ key, programme }: Pick<Check, 'key' | 'programme'>): number =>
  Number(programme ? (key.split(`${programme.id}:`)[1] ?? 1) : 1);

/** Days on which a hive is not to be opened, inclusive. */
export interface LeaveShut {
  readonly from: Day;
  readonly to: Day;
}

/** Whether the brood nest is opened for a check. */
const OPENS: { readonly [C in CheckCode]: boolean } = {
  'first-look': true,
  look: true,
  act: true,
  'find-cells': true,
  'make-room': true,
  'nuc-settled': true,
  'thin-cells': true,
  'move-parent': true,
  eggs: true,
  'laying-check': true,
  'clear-top-cells': true,
  'top-brood-gone': true,
  'bottom-check': true,
  'supers-check': true,
  'which-half': true,
  'board-in': true,
  doors: false,
  'turn-hive': false,
  'shift-boxes': false,
  released: true,
  'space-check': true,
  united: true,
  'read-comb': true,
};

/** Only looked at from above, or through a crown board: the nest stays as it is. */
const FROM_ABOVE: ReadonlySet<CheckCode> = new Set(['supers-check', 'released']);

/** Whether the weather has to be fit for opening the brood nest; for what is seen from above a brief look's weather does. */
export const opensNest = ({ opens, code }: Pick<Check, 'opens' | 'code'>): boolean => opens && !FROM_ABOVE.has(code);

/** What can be lost, most first: a swarm or a cast; a queen, or the days of a colony without one; room and order. */
const STAKES = { swarm: 0, queen: 1, order: 2 } as const;

const STAKE: { readonly [C in Exclude<CheckCode, 'act'>]: keyof typeof STAKES } = {
  'first-look': 'order',
  look: 'swarm',
  'find-cells': 'swarm',
  'thin-cells': 'swarm',
  'clear-top-cells': 'swarm',
  'bottom-check': 'swarm',
  'which-half': 'swarm',
  eggs: 'queen',
  released: 'queen',
  'laying-check': 'queen',
  'nuc-settled': 'queen',
  'read-comb': 'queen',
  united: 'queen',
  'make-room': 'order',
  'move-parent': 'order',
  'top-brood-gone': 'order',
  'supers-check': 'order',
  'board-in': 'queen',
  doors: 'order',
  'turn-hive': 'order',
  'shift-boxes': 'order',
  'space-check': 'order',
};

const SWARM_READINGS: ReadonlySet<ReadingName> = new Set([
  'cast-risk',
  'swarmed',
  'swarm-imminent',
  'preparing',
  'early-preparing',
]);

/** What can be lost where a check is not done, the less the number the more. */
export function stakeOf({ code, reading }: Pick<Check, 'code' | 'reading'>): number {
  if (code !== 'act') return STAKES[STAKE[code]];
  if (reading === 'congested') return STAKES.order;
  return reading !== undefined && SWARM_READINGS.has(reading) ? STAKES.swarm : STAKES.queen;
}
