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
const CELLS_ABOVE_UNTIL = 10;

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
  readonly words: string;
  readonly sees?: SeesByAnswer;
  readonly queen?: QueenAnswer;
  /** It is to be looked at again. */
  readonly again?: Again;
  /** What the keeper does next, where it did not go well. */
  readonly remedy?: string;
}

const LAYS: AnswerMeaning = { code: 'eggs', words: 'Eggs seen', sees: { eggs: 'seen' } };
const CELLS_AGAIN = 'They still mean to swarm: enter the cells in an inspection and choose a method.';

/** What each follow-up can be answered with, the good outcome first. Entering an inspection can answer some of them too. */
export const ANSWERS: { readonly [C in FollowUpCode]: readonly AnswerMeaning[] } = {
  'nuc-settled': [
    { code: 'settled', words: 'Settled: she lays, there is food, no cells', sees: { eggs: 'seen' } },
    {
      code: 'no-eggs',
      words: 'No eggs',
      sees: { eggs: 'none' },
      again: { from: 3, ideal: 3, to: 5 },
      remedy: 'Give her a few more days. Still none: she was lost in the move.',
    },
    { code: 'cells', words: 'Cells in it', remedy: CELLS_AGAIN },
  ],
  'thin-cells': [
    { code: 'thinned', words: 'Searched, reduced to what is kept' },
    { code: 'nothing-else', words: 'Searched, no other cell found' },
  ],
  'move-parent': [{ code: 'moved', words: 'Moved to the other side' }],
  eggs: [
    LAYS,
    {
      code: 'no-eggs',
      words: 'Looked for, no eggs',
      sees: { eggs: 'none' },
      remedy: 'Give a test frame the same day: after three weeks without open brood workers begin to lay.',
    },
  ],
  'laying-check': [
    LAYS,
    {
      code: 'no-eggs',
      words: 'No eggs',
      sees: { eggs: 'none' },
      again: { from: 3, ideal: 3, to: 5 },
      remedy: 'Look once more. None then: give a test frame or unite it.',
    },
    { code: 'cells', words: 'Cells in it', remedy: CELLS_AGAIN },
  ],
  'clear-top-cells': [
    { code: 'none-found', words: 'Every frame searched, no cells' },
    { code: 'taken-down', words: 'Cells found, all broken down' },
    {
      code: 'once-more',
      words: `All broken down; search once more by day ${CELLS_ABOVE_UNTIL}`,
      again: { from: 1, ideal: 2, to: 4, until: CELLS_ABOVE_UNTIL },
    },
    {
      code: 'one-open',
      words: 'A cell was open: a virgin may be up there',
      again: { from: 1, ideal: 1, to: 3 },
      remedy:
        'Find her and take her out, put the top box on a stand of its own, or give it an entrance of its own and let her mate from there.',
    },
    { code: 'own-entrance', words: 'Given an entrance of its own: she may mate from there' },
  ],
  'top-brood-gone': [
    { code: 'gone', words: 'All emerged' },
    { code: 'some-left', words: 'Some brood left', again: { from: 2, ideal: 3, to: 4 } },
  ],
  'bottom-check': [
    { code: 'in-order', words: 'No cells, room to lay' },
    { code: 'cells', words: 'Cells again', remedy: CELLS_AGAIN },
    { code: 'no-room', words: 'No room to lay', remedy: 'Give her comb to lay in, or do it a second time.' },
  ],
  'supers-check': [
    { code: 'in-order', words: 'Filling, room left' },
    { code: 'another', words: 'Another super given' },
    {
      code: 'round-again',
      words: 'To be done a second time',
      remedy: 'Start the second round as a programme of its own.',
    },
  ],
  'which-half': [
    { code: 'known', words: 'Cells in one half, eggs in the other' },
    {
      code: 'neither',
      words: 'Cells in neither half',
      queen: 'without',
      remedy: 'The split has failed: give eggs, a queen, or put the halves together again.',
    },
  ],
  'board-in': [
    { code: 'done', words: 'Split board in, upper entrance open' },
    { code: 'not-yet', words: 'Few young bees above yet', again: { from: 1, ideal: 1, to: 1 } },
  ],
  doors: [{ code: 'changed', words: 'Entrances switched' }],
  'turn-hive': [
    { code: 'done', words: 'Turned by 15 degrees', again: { from: 1, ideal: 1, to: 1 } },
    { code: 'faces-front', words: 'Faces the front again' },
  ],
  'shift-boxes': [
    { code: 'done', words: 'Moved by 10 cm', again: { from: 1, ideal: 1, to: 1 } },
    { code: 'even', words: 'Both fly alike: no more to do' },
  ],
  released: [
    { code: 'out', words: 'She is out of the cage', sees: { queen: 'seen' } },
    {
      code: 'still-in',
      words: 'Still in the cage: let out by hand',
      sees: { queen: 'seen' },
    },
    {
      code: 'dead',
      words: 'She is dead',
      queen: 'without',
      remedy: 'There may be another queen: search before you give a second one.',
    },
  ],
  'space-check': [
    { code: 'used', words: 'Taken up, she has room' },
    { code: 'not-yet', words: 'Not taken up yet', again: { from: 5, ideal: 7, to: 9 } },
    { code: 'cells', words: 'Cells with eggs anyway', remedy: CELLS_AGAIN },
  ],
  united: [
    { code: 'joined', words: 'Paper gone, at peace' },
    { code: 'not-yet', words: 'Paper not through yet', again: { from: 2, ideal: 2, to: 4 } },
    { code: 'no-queen', words: 'The queen was lost', queen: 'without', remedy: 'Give a queen or a ripe cell.' },
  ],
  'read-comb': [
    {
      code: 'no-cells',
      words: 'No cells on it: there is a queen',
      queen: 'queen-there',
      remedy: 'She is in there and late. Give her a week, then look for eggs again.',
    },
    {
      code: 'cells',
      words: 'Cells on it: no queen',
      queen: 'raising',
      remedy: 'Let it raise one from these cells, or break them down and give a queen or a ripe cell.',
    },
  ],
};

/** What an answer means; null when the check has no such answer. */
export function meaningOf(code: FollowUpCode, answer: string): AnswerMeaning | null {
  return ANSWERS[code].find((meaning) => meaning.code === answer) ?? null;
}
