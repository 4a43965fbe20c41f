import type { Aged, AgedAs } from '../core/colony/aged';
import type { DoubtCode } from '../core/colony/queen-doubt';
import type { ColonySays } from '../core/colony/says';
import type { ReadingName } from '../core/inspections/reading';
import { withinSentence } from './capital';
import { dayWords } from './days';
import { methodTitle } from './methods/methods';
import { READING_WORDS, SUPERSEDURE_WORDS } from './readings';
import type { Words } from './words';

interface DoubtWords {
  /** What is not known. */
  readonly says: (day: string) => string;
  /** What would settle it. */
  readonly next: string;
}

const DOUBT_WORDS: { readonly [C in DoubtCode]: DoubtWords } = {
  'old-queen-not-found': {
    says: (day) => `The old queen was not found when the new one was given on ${day}.`,
    next: 'Search for her, or look for the new one by her mark: with the old one in there the new one is lost.',
  },
  'old-queen-there': {
    says: (day) => `Eggs on ${day}, before the bought queen can have laid: the old queen may still be there.`,
    next: 'Search for her today; the bought one is at risk. Keep the bought one caged until then.',
  },
  'eggs-of-before': {
    says: (day) => `Eggs on ${day} may be of the queen before: they say nothing of the bought one.`,
    next: 'Look for eggs again in her window.',
  },
  'eggs-too-early': {
    says: (day) => `Eggs on ${day}, before the virgin can have laid: of a queen before her, who may still be there.`,
    next: 'Leave it shut anyway, and look for her eggs in their window.',
  },
  'eggs-unexplained': {
    says: (day) => `Eggs on ${day} that no known queen can have laid: not known which queen did.`,
    next: 'Find her: a second queen, a swarm that came back, or the wrong queen was taken.',
  },
  'another-queen': {
    says: (day) => `A queen was seen on ${day} where there should be none: not known which.`,
    next: 'Look at her mark, and for eggs: she came along when the hive was split, there were two, or the wrong one was taken.',
  },
  'unmarked-queen': {
    says: (day) =>
      `A queen without a mark on ${day}, where a marked one was known: the bees have replaced her, or she swarmed.`,
    next: 'Look for her eggs in their window before you mark her.',
  },
};

const AGED_WORDS: { readonly [A in AgedAs]: (aged: Aged) => string } = {
  'swarm-may-go': ({ since }) => `May swarm on any fine day: a cell may be sealed since ${dayWords(since)}`,
  'may-have-swarmed': ({ seenOn, read }) =>
    `Has probably swarmed: ${SEEN_THEN[read] ?? 'cells'} on ${dayWords(seenOn)}, not inspected since`,
  'virgin-may-be-out': ({ since }) => `Swarmed; a virgin may be out since ${dayWords(since)}`,
  'virgin-out': () => 'A virgin is out; casts may have gone',
  'eggs-overdue': () => 'Her eggs are overdue',
  'workers-may-lay': ({ seenOn }) => `No eggs on ${dayWords(seenOn)}, not inspected since`,
  'may-have-cells': ({ seenOn }) => `Short of room on ${dayWords(seenOn)}: may have begun cells`,
  old: ({ read, seenOn }) =>
    `On ${dayWords(seenOn)}: ${withinSentence(READING_WORDS[read].title)}. Not inspected since`,
};

/** What was there, where it may have swarmed since. */
const SEEN_THEN: { readonly [R in ReadingName]?: string } = {
  'early-preparing': 'eggs in cups',
  preparing: 'charged cells',
  'swarm-imminent': 'sealed cells',
};

/** A colony and its queens. */
export const colonyWords: Words<ColonySays> = {
  aged: (aged) => AGED_WORDS[aged.as](aged),
  doubt: ({ doubt, on }) => DOUBT_WORDS[doubt].says(dayWords(on)),
  'doubt-next': ({ doubt }) => DOUBT_WORDS[doubt].next,

  'replacing-her': SUPERSEDURE_WORDS.title,
  'cells-broken-down': 'Cells broken down: a delay, no cure',
  read: ({ reading }) => READING_WORDS[reading].title,
  'late-to-lay': 'Queen present, late to lay',
  'no-eggs-by': ({ on }) => `No eggs of a young queen by ${dayWords(on)}`,
  'caged-queen-given': ({ on }) => `Caged queen given on ${dayWords(on)}`,
  'without-queen': ({ since }) => `Queenless since ${dayWords(since)}`,
  'swarm-left': ({ on }) => `Swarmed on ${dayWords(on)}`,
  'virgin-inside': 'A virgin is in there',
  'method-begun': ({ method, on }) => `${methodTitle(method)}, ${dayWords(on)}`,
  'not-inspected': 'Not inspected yet',
};
