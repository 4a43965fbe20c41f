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
export const CELLS_ABOVE_UNTIL = 10;

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

/** She is given some days, and looked for again. */
const NO_EGGS = figure(
  'inspect-again-after-no-eggs',
  { early: 3, typical: 3, late: 5 },
  'days-after-answer',
  'caution',
).value;
const NO_EGGS_AGAIN: Again = { from: NO_EGGS.early, ideal: NO_EGGS.typical, to: NO_EGGS.late };

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
      again: { from: 1, ideal: 2, to: 4, until: CELLS_ABOVE_UNTIL },
    },
    {
      code: 'one-open',
      again: { from: 1, ideal: 1, to: 3 },
    },
    { code: 'own-entrance' },
  ],
  'top-brood-gone': [{ code: 'gone' }, { code: 'some-left', again: { from: 2, ideal: 3, to: 4 } }],
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
  'board-in': [{ code: 'done' }, { code: 'not-yet', again: { from: 1, ideal: 1, to: 1 } }],
  doors: [{ code: 'changed' }],
  'turn-hive': [{ code: 'done', again: { from: 1, ideal: 1, to: 1 } }, { code: 'faces-front' }],
  'shift-boxes': [{ code: 'done', again: { from: 1, ideal: 1, to: 1 } }, { code: 'even' }],
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
  'space-check': [{ code: 'used' }, { code: 'not-yet', again: { from: 5, ideal: 7, to: 9 } }, { code: 'cells' }],
  united: [
    { code: 'joined' },
    { code: 'not-yet', again: { from: 2, ideal: 2, to: 4 } },
    { code: 'no-queen', queen: 'without' },
  ],
  'read-comb': [
    {
      code: 'no-cells',
      queen: 'queen-there',
    },
    {
      code: 'cells',
      queen: 'raising',
    },
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
