import type { Day } from '../core/calendar/day';
import type { CheckWindow, Window } from '../core/calendar/window';
import type { Standing } from '../core/schedule/standing';
import { markPhrases, type RibbonKind } from '../words/marks';

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

/** A mark in words, for those who do not see it. */
export function markWords(mark: Mark): string {
  switch (mark.type) {
    case 'ribbon':
      return markPhrases.ribbon(mark.label, mark.window);
    case 'shut':
      return markPhrases.leaveShut(mark);
    case 'check':
      return markPhrases.check(mark.label, mark.window);
    case 'look':
      return markPhrases.inspected(mark.on);
  }
}
