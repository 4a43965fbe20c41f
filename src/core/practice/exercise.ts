import type { CellPlace } from '../cells/place';
import type { Thoroughness } from '../cells/thoroughness';
import type { Because } from './because';
import type { CellLook } from './cell-look';
import type { Patch } from './patch';

export const EXERCISES = [
  'read-cell',
  'find-all',
  'read-brood',
  'which-cause',
  'leave-shut',
  'when-back',
  'not-shaken',
] as const;
export type ExerciseKind = (typeof EXERCISES)[number];

/** From plain (1) to what an experienced keeper has to weigh (3). */
export type Level = 1 | 2 | 3;

/** Something on a frame: a cell or a dry cup, at a place from the left and from the top, 0 to 1. */
export interface OnFrame {
  readonly id: string;
  readonly look: CellLook;
  readonly place: CellPlace;
  readonly x: number;
  readonly y: number;
  /** Who searches so, or better, sees it. */
  readonly seenBy: Thoroughness;
  /** At its age a knock hurts it. */
  readonly isTender: boolean;
}

/** A frame of which it is asked whether it may be shaken. */
export interface FrameAsked {
  readonly id: string;
  readonly holds: 'brood' | 'stores' | 'kept-cell' | 'cell-to-go';
  /** Days since the egg of its cell, if it has one, as it is known. */
  readonly cellAge: { readonly from: number; readonly to: number } | null;
}

/** What stands before the keeper. */
export type Shows =
  | { readonly kind: 'cell'; readonly looks: readonly CellLook[]; readonly asked: number; readonly isTipSeen: boolean }
  | { readonly kind: 'frame'; readonly things: readonly OnFrame[] }
  | { readonly kind: 'patch'; readonly patch: Patch; readonly isQueenSeen: boolean }
  | {
      readonly kind: 'cells';
      readonly cells: readonly { readonly look: CellLook; readonly place: CellPlace }[];
      readonly eggs: 'seen' | 'none';
      readonly isQueenGone: boolean;
    }
  | {
      readonly kind: 'kept-cell';
      /** Days ago that she was taken away, the kept cell was sealed, or the virgin came out: what is known of it. */
      readonly known: 'queen-removed' | 'sealed-found' | 'egg-seen';
      readonly daysAgo: number;
    }
  | {
      readonly kind: 'inspected';
      readonly thoroughness: Thoroughness;
      readonly cellsRemoved: boolean;
      readonly clipped: boolean;
      readonly daysAgo: number;
    }
  | { readonly kind: 'frames'; readonly frames: readonly FrameAsked[] };

/** What is right: one of some choices; a number of days from one to another (null: it has no such day); or just these. */
export type Right =
  | { readonly is: 'choice'; readonly oneOf: readonly string[] }
  | { readonly is: 'days'; readonly between: { readonly from: number; readonly to: number } | null }
  | { readonly is: 'all-of'; readonly ids: readonly string[] };

/** One thing that is asked. */
export interface Ask {
  readonly code: string;
  readonly kind: 'choice' | 'days' | 'all-of';
  /** Of a choice: what can be said; of all-of: what can be chosen. */
  readonly options: readonly string[];
  /** What is right, which may hang on what was answered to what stands before it. */
  readonly right: (answers: Answers) => Right;
}

/** A choice, a number of days (`none`: it has no such day), or what was chosen. */
export type Answer = string | number | readonly string[];
export type Answers = { readonly [code: string]: Answer };

export const NO_DAY = 'none';
export const CANNOT_TELL = 'cannot-tell';

export interface Exercise {
  readonly kind: ExerciseKind;
  readonly seed: number;
  readonly level: Level;
  readonly shows: Shows;
  readonly asks: readonly Ask[];
  /** What it trains within its kind: what went wrong comes back by it. */
  readonly skill: string;
  /** Why the answers are what they are. */
  readonly because: readonly Because[];
}

/** How one thing was answered. */
export interface Marked {
  readonly code: string;
  readonly isRight: boolean;
  readonly right: Right;
  /** Days off the nearest right day; null: it is no number of days. */
  readonly daysOff: number | null;
}

/** Marks what was answered: by the core's own rules alone. What was not answered is not right. */
export const mark = ({ asks }: Pick<Exercise, 'asks'>, answers: Answers): readonly Marked[] =>
  asks.map(({ code, right }) => markOne(code, right(answers), answers[code]));

function markOne(code: string, right: Right, answer: Answer | undefined): Marked {
  switch (right.is) {
    case 'choice':
      return { code, right, isRight: typeof answer === 'string' && right.oneOf.includes(answer), daysOff: null };
    case 'days': {
      const off = daysOff(answer, right.between);
      return { code, right, isRight: off === 0, daysOff: off };
    }
    case 'all-of': {
      const chosen = new Set(Array.isArray(answer) ? answer : []);
      const isRight = chosen.size === right.ids.length && right.ids.every((id) => chosen.has(id));
      return { code, right, isRight, daysOff: null };
    }
  }
}

function daysOff(
  answer: Answer | undefined,
  between: { readonly from: number; readonly to: number } | null,
): number | null {
  if (between === null) return answer === NO_DAY ? 0 : null;
  if (typeof answer !== 'number') return null;
  return answer < between.from ? between.from - answer : answer > between.to ? answer - between.to : 0;
}
