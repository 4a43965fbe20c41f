import { figure } from '../biology/figure';
import type { FollowUpCode } from '../methods/method';

/** Days after an answer in which the same is to be looked at once more. */
export interface Again {
  readonly from: number;
  readonly ideal: number;
  readonly to: number;
  /** Days after the beginning of the programme, the last included, up to which it is worth while; none: always. */
  readonly until?: number;
}

/** Day of a Demaree by which nothing above is young enough any more to raise a queen from, and the last cell is closed. */
export const CELLS_ABOVE_UNTIL = figure(
  'cells-above-the-excluder-are-all-closed-by',
  10,
  'days-since-made',
  'derived',
).value;

/**
 * What follows from an answer for the queen, beside what was seen: a test frame shows that there is one, who is late
 * (`queen-there`); there is none and has been none since the programme began, but bees are raising one (`raising`); there is none
 * and nothing to raise one from (`without`).
 */
export type QueenAnswer = 'queen-there' | 'raising' | 'without';

/** What the keeper saw who gives an answer: no more and no less than an inspection that saw the same. */
export interface SeesByAnswer {
  readonly eggs?: 'seen' | 'none';
  readonly queen?: 'seen';
}

export interface AnswerMeaning {
  readonly code: string;
  readonly sees?: SeesByAnswer;
  readonly queen?: QueenAnswer;
  /** It is to be looked at again. */
  readonly again?: Again;
}

/** In how many days after its answer something is looked at once more: the first, the best and the last of them. */
function again(name: string, early: number, typical: number, late: number): Again {
  const { value } = figure(name, { early, typical, late }, 'days-after-answer', 'caution');
  return { from: value.early, ideal: value.typical, to: value.late };
}

/** She is given some days, and looked for again. */
const NO_EGGS_AGAIN = again('inspect-again-after-no-eggs', 3, 3, 5);
/** Cells may be missed among so many bees. */
const CELLS_ABOVE_AGAIN = again('search-above-once-more', 1, 2, 4);
/** A virgin may be up there: the next visit says whether. */
const OPENED_ABOVE_AGAIN = again('inspect-again-after-an-open-cell-above', 1, 1, 3);
const BROOD_ABOVE_AGAIN = again('inspect-again-after-brood-left-above', 2, 3, 4);
const BOARD_AGAIN = again('put-the-board-in-after-all', 1, 1, 1);
const DAILY = again('a-daily-task-again', 1, 1, 1);
const ROOM_AGAIN = again('inspect-again-after-room-that-is-not-used-yet', 5, 7, 9);
const PAPER_AGAIN = again('inspect-again-after-a-union-that-has-not-joined-yet', 2, 2, 4);

const LAYS = { code: 'eggs', sees: { eggs: 'seen' } } as const satisfies AnswerMeaning;

type Answers = { readonly [C in FollowUpCode]: readonly AnswerMeaning[] };

const DEFINED = {
  'nuc-settled': [
    { code: 'settled', sees: { eggs: 'seen' } },
    {
      code: 'no-eggs',
      sees: { eggs: 'none' },
      again: NO_EGGS_AGAIN,
    },
    { code: 'cells' },
  ],
  'thin-cells': [{ code: 'thinned' }, { code: 'nothing-else' }],
  'move-parent': [{ code: 'moved' }],
  eggs: [
    LAYS,
    {
      code: 'no-eggs',
      sees: { eggs: 'none' },
    },
  ],
  'laying-check': [
    LAYS,
    {
      code: 'no-eggs',
      sees: { eggs: 'none' },
      again: NO_EGGS_AGAIN,
    },
    { code: 'cells' },
  ],
  'clear-top-cells': [
    { code: 'none-found' },
    { code: 'taken-down' },
    {
      code: 'once-more',
      again: { ...CELLS_ABOVE_AGAIN, until: CELLS_ABOVE_UNTIL },
    },
    {
      code: 'one-open',
      again: OPENED_ABOVE_AGAIN,
    },
    { code: 'own-entrance' },
  ],
  'top-brood-gone': [{ code: 'gone' }, { code: 'some-left', again: BROOD_ABOVE_AGAIN }],
  'bottom-check': [{ code: 'in-order' }, { code: 'cells' }, { code: 'no-room' }],
  'supers-check': [
    { code: 'in-order' },
    { code: 'another' },
    {
      code: 'round-again',
    },
  ],
  'which-half': [
    { code: 'known' },
    {
      code: 'neither',
      queen: 'without',
    },
  ],
  'board-in': [{ code: 'done' }, { code: 'not-yet', again: BOARD_AGAIN }],
  doors: [{ code: 'changed' }],
  'turn-hive': [{ code: 'done', again: DAILY }, { code: 'faces-front' }],
  'shift-boxes': [{ code: 'done', again: DAILY }, { code: 'even' }],
  released: [
    { code: 'out', sees: { queen: 'seen' } },
    {
      code: 'still-in',
      sees: { queen: 'seen' },
    },
    {
      code: 'dead',
      queen: 'without',
    },
  ],
  'space-check': [{ code: 'used' }, { code: 'not-yet', again: ROOM_AGAIN }, { code: 'cells' }],
  united: [{ code: 'joined' }, { code: 'not-yet', again: PAPER_AGAIN }, { code: 'no-queen', queen: 'without' }],
  'read-comb': [
    {
      code: 'no-cells',
      queen: 'queen-there',
    },
    {
      code: 'cells',
      queen: 'raising',
    },
    LAYS,
  ],
} as const satisfies Answers;

/** The answers that a check can have. */
export type AnswerCode<C extends FollowUpCode> = (typeof DEFINED)[C][number]['code'];

/** What each follow-up can be answered with, the good outcome first. Entering an inspection can answer some of them too. */
export const ANSWERS: Answers = DEFINED;

/** What an answer means; null when the check has no such answer. */
export function meaningOf(code: FollowUpCode, answer: string): AnswerMeaning | null {
  return ANSWERS[code].find((meaning) => meaning.code === answer) ?? null;
}
