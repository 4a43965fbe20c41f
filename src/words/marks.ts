import type { Day } from '../core/calendar/day';
import type { CheckWindow, DayRange, Window } from '../core/calendar/window';
import { rangeWords, weekdayWords } from './days';

export type RibbonKind = 'sealing' | 'emergence' | 'eggs' | 'laid';

/** What a ribbon tells. */
export const RIBBON_WORDS: { readonly [K in RibbonKind]: string } = {
  laid: 'laid',
  sealing: 'sealed',
  emergence: 'virgin emerges',
  eggs: 'eggs due',
};

/** The same where there is little room. */
export const RIBBON_SHORT_WORDS: { readonly [K in RibbonKind]: string } = {
  ...RIBBON_WORDS,
  emergence: 'out',
  eggs: 'eggs',
};

/** Marks of a time strip, for those who do not see them. */
export const markPhrases = {
  ribbon: (label: string, { earliest, likelyFrom, likelyTo, latest }: Window) =>
    `${label}: ${rangeWords({ from: earliest, to: latest })}, likely ${rangeWords({ from: likelyFrom, to: likelyTo })}`,
  leaveShut: (days: DayRange) => `leave shut: ${rangeWords(days)}`,
  check: (label: string, { earliest, ideal, latest }: CheckWindow) =>
    `${label}: ${rangeWords({ from: earliest, to: latest })}, best ${weekdayWords(ideal)}`,
  inspected: (on: Day) => `inspected ${weekdayWords(on)}`,
};
