import { headlineOf, isHeld, type Read } from '../core/colony/situation';
import { isReplacing } from '../core/inspections/replacing';
import type { ColonyState } from '../core/state/fold';
import { doubtWords } from '../words/doubt';
import { inWords } from '../words/in-words';
import { readingPhrases } from '../words/pages/reading';
import { CAUSE_WORDS, READING_WORDS, SUPERSEDURE_WORDS } from '../words/readings';

export interface ReadingView {
  readonly title: string;
  readonly advice: string;
  readonly cause: string | null;
  /** What is not known about its queens, and what would settle it; null: nothing. */
  readonly doubt: string | null;
  readonly because: readonly string[];
  readonly wouldChange: string;
}

/** A reading in words, with what it rests on, and what is not known about the queens after it. */
export function readingView(look: Read, queen: Pick<ColonyState['queen'], 'doubt'> | null = null): ReadingView {
  const { reading } = look;
  const words = isReplacing(reading) ? SUPERSEDURE_WORDS : READING_WORDS[reading.reading];
  return {
    title: inWords(headlineOf(look)),
    advice: isHeld(look) ? readingPhrases.thisBuysDays : words.advice,
    cause: reading.cause && CAUSE_WORDS[reading.cause],
    doubt: queen?.doubt ? doubtWords(queen.doubt) : null,
    because: reading.because.map(({ text }) => inWords(text)),
    wouldChange: words.wouldChange,
  };
}
