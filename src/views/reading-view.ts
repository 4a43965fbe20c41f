import type { ColonyState } from '../core/colony/fold';
import { doubtWords } from '../words/doubt';
import { inWords } from '../words/in-words';
import { CAUSE_WORDS, READING_WORDS, SUPERSEDURE_WORDS } from '../words/readings';
import { isHeld, isSupersedure, type Read, readingTitle } from './situation-words';

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
  const words = isSupersedure(look) ? SUPERSEDURE_WORDS : READING_WORDS[reading.reading];
  return {
    title: readingTitle(look),
    advice: isHeld(look)
      ? 'This buys days. New cells can be started from young larvae at once: be back in time, or choose a method.'
      : words.advice,
    cause: reading.cause && CAUSE_WORDS[reading.cause],
    doubt: queen?.doubt ? doubtWords(queen.doubt) : null,
    because: reading.because.map(({ text }) => inWords(text)),
    wouldChange: words.wouldChange,
  };
}
