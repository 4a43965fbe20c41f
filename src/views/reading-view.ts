import type { Look } from '../core/colony/look';
import { CAUSE_WORDS, READING_WORDS } from '../core/inspections/reading-words';
import { isHeld, readingTitle } from './situation-words';

export interface ReadingView {
  readonly title: string;
  readonly advice: string;
  readonly cause: string | null;
  readonly because: readonly string[];
  readonly wouldChange: string;
}

/** A reading in words, with what it rests on. */
export function readingView({ reading, takenDown }: Pick<Look, 'reading' | 'takenDown'>): ReadingView {
  const words = READING_WORDS[reading.reading];
  const held = isHeld({ reading, takenDown });
  return {
    title: readingTitle({ reading, takenDown }),
    advice: held
      ? 'This buys days. New cells can be started from young larvae at once: be back in time, or choose a method.'
      : words.advice,
    cause: reading.cause && CAUSE_WORDS[reading.cause],
    because: reading.because.map(({ text }) => text),
    wouldChange: words.wouldChange,
  };
}
