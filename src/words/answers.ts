import type { FollowUpCode } from '../core/methods/method';
import { type AnswerCode, CELLS_ABOVE_UNTIL } from '../core/programmes/answers';
import { measured } from './measures';

interface AnswerWords {
  readonly words: string;
  /** What the keeper does next, where it did not go well. */
  readonly remedy?: string;
}

const CELLS_AGAIN = 'They still mean to swarm: enter the cells in an inspection and choose a method.';

/** What each answer to a check says. */
export const ANSWER_WORDS: { readonly [C in FollowUpCode]: { readonly [A in AnswerCode<C>]: AnswerWords } } = {
  'nuc-settled': {
    settled: { words: 'Settled: she lays, there is food, no cells' },
    'no-eggs': {
      words: 'No eggs',
      remedy: 'Give her a few more days. If there are still no eggs, she was probably lost in the move.',
    },
    cells: { words: 'Cells in it', remedy: CELLS_AGAIN },
  },
  'thin-cells': {
    thinned: { words: 'Searched, reduced to what is kept' },
    'nothing-else': { words: 'Searched, no other cell found' },
  },
  'move-parent': {
    moved: { words: 'Moved to the other side' },
  },
  eggs: {
    eggs: { words: 'Eggs seen' },
    'no-eggs': {
      words: 'Looked for, no eggs',
      remedy: 'Give a test frame the same day: after three weeks without open brood workers begin to lay.',
    },
  },
  'laying-check': {
    eggs: { words: 'Eggs seen' },
    'no-eggs': { words: 'No eggs', remedy: 'Inspect once more. None then: give a test frame or unite it.' },
    cells: { words: 'Cells in it', remedy: CELLS_AGAIN },
  },
  'clear-top-cells': {
    'none-found': { words: 'Every frame searched, no cells' },
    'taken-down': { words: 'Cells found, all broken down' },
    'once-more': { words: `All broken down; search once more by day ${CELLS_ABOVE_UNTIL}` },
    'one-open': {
      words: 'A cell was empty, its virgin emerged: she may be up there',
      remedy:
        'Find her and take her out, put the top box on a stand of its own, or give it an entrance of its own and let her mate from there.',
    },
    'own-entrance': { words: 'Given an entrance of its own: she may mate from there' },
  },
  'top-brood-gone': {
    gone: { words: 'All emerged' },
    'some-left': { words: 'Some brood left' },
  },
  'bottom-check': {
    'in-order': { words: 'No cells, room to lay' },
    cells: { words: 'Cells again', remedy: CELLS_AGAIN },
    'no-room': { words: 'No room to lay', remedy: 'Give her comb to lay in, or do it a second time.' },
  },
  'supers-check': {
    'in-order': { words: 'Filling, room left' },
    another: { words: 'Another super given' },
    'round-again': { words: 'To be done a second time', remedy: 'Start the second round as a programme of its own.' },
  },
  'which-half': {
    known: { words: 'Cells in one half, eggs in the other' },
    neither: {
      words: 'Cells in neither half',
      remedy: 'The split has failed: give eggs, a queen, or put the halves together again.',
    },
  },
  'board-in': {
    done: { words: 'Split board in, upper entrance open' },
    'not-yet': { words: 'Few young bees above yet' },
  },
  doors: {
    changed: { words: 'Entrances switched' },
  },
  'turn-hive': {
    done: { words: 'Turned by 15 degrees' },
    'faces-front': { words: 'Faces the front again' },
  },
  'shift-boxes': {
    done: { words: 'Moved by {0.1 m}' },
    even: { words: 'Both fly alike: no more to do' },
  },
  released: {
    out: { words: 'She is out of the cage' },
    'still-in': { words: 'Still in the cage: let out by hand' },
    dead: { words: 'She is dead', remedy: 'There may be another queen: search before you give a second one.' },
  },
  'space-check': {
    used: { words: 'Taken up, she has room' },
    'not-yet': { words: 'Not taken up yet' },
    cells: { words: 'Cells with eggs anyway', remedy: CELLS_AGAIN },
  },
  united: {
    joined: { words: 'Paper gone, at peace' },
    'not-yet': { words: 'Paper not through yet' },
    'no-queen': { words: 'The queen was lost', remedy: 'Give a queen or a ripe cell.' },
  },
  'read-comb': {
    'no-cells': {
      words: 'No cells on it: there is a queen',
      remedy: 'She is in there and late. Give her a week, then look for eggs again.',
    },
    cells: {
      words: 'Cells on it: no queen',
      remedy: 'Let it raise one from these cells, or break them down and give a queen or a ripe cell.',
    },
    eggs: { words: 'Eggs in other combs: she lays' },
  },
};

const wordsOf = (check: FollowUpCode, answer: string): AnswerWords | undefined =>
  (ANSWER_WORDS[check] as Readonly<Record<string, AnswerWords>>)[answer];

/** What an answer says; the code itself where the check has no such answer. */
export const answerWords = ({ check, answer }: { readonly check: FollowUpCode; readonly answer: string }): string =>
  measured(wordsOf(check, answer)?.words ?? answer);

/** What the keeper does next after an answer; null: nothing. */
export const remedyWords = (check: FollowUpCode, answer: string): string | null =>
  wordsOf(check, answer)?.remedy ?? null;
