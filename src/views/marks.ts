import { type Day, formatDay } from '../core/calendar/day';
import type { CheckWindow, DayRange, Window } from '../core/calendar/window';
import type { Standing } from '../core/schedule/standing';
import { rangeWords } from '../words/days';

export type RibbonKind = 'sealing' | 'emergence' | 'eggs' | 'laid';
export type Tone = 'late' | 'now' | 'later' | 'fine';

/** What is set aside while the hive is left shut is drawn like what is to come. */
export const toneOf = (standing: Standing): Tone => (standing === 'set-aside' ? 'later' : standing);

/** What can be drawn on a time strip. `row` counts from the top. */
export type Mark =
  | {
      readonly type: 'ribbon';
      readonly kind: RibbonKind;
      readonly window: Window;
      readonly label: string;
      readonly row: number;
    }
  | { readonly type: 'shut'; readonly from: Day; readonly to: Day; readonly row: number }
  | {
      readonly type: 'check';
      readonly window: CheckWindow;
      readonly label: string;
      readonly tone: Tone;
      readonly row: number;
    }
  | { readonly type: 'look'; readonly on: Day; readonly row: number };

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

/** A mark in words, for those who do not see it. */
export function markWords(mark: Mark): string {
  switch (mark.type) {
    case 'ribbon': {
      const { earliest, likelyFrom, likelyTo, latest } = mark.window;
      const likely = rangeWords({ from: likelyFrom, to: likelyTo });
      return `${mark.label}: ${rangeWords({ from: earliest, to: latest })}, likely ${likely}`;
    }
    case 'shut':
      return `leave shut: ${rangeWords(mark)}`;
    case 'check': {
      const { earliest, ideal, latest } = mark.window;
      return `${mark.label}: ${rangeWords({ from: earliest, to: latest })}, best ${rangeWords({ from: ideal, to: ideal })}`;
    }
    case 'look':
      return `inspected ${rangeWords({ from: mark.on, to: mark.on })}`;
  }
}

/** The days that a mark covers, the first and the last. */
function daysOf(mark: Mark): DayRange {
  switch (mark.type) {
    case 'ribbon':
    case 'check':
      return { from: mark.window.earliest, to: mark.window.latest };
    case 'shut':
      return mark;
    case 'look':
      return { from: mark.on, to: mark.on };
  }
}

/** What a mark says to who points at it: in words, and its days as they are written in files. */
export function hoverWords(mark: Mark): string {
  const { from, to } = daysOf(mark);
  return `${markWords(mark)} (${formatDay(from)}${from === to ? '' : ` to ${formatDay(to)}`})`;
}
