import type { Day } from '../core/calendar/day';
import type { CheckWindow } from '../core/calendar/window';
import type { ColonyState } from '../core/colony/fold';
import type { CheckCode } from '../core/schedule/check';
import { differenceOf, movesOf } from '../core/schedule/what-moved';
import { dayWords, rangeWords, weekdayWords } from '../words/days';
import { orderOf } from '../words/due';
import { inWords } from '../words/in-words';

/** A date that moved, and what moved it. */
export interface MoveLine {
  readonly key: string;
  readonly when: string;
  readonly words: string;
}

const MOVES_SHOWN = 6;

export function windowMoved(code: CheckCode, from: CheckWindow, to: CheckWindow): string {
  return `${orderOf({ code })}: now ${windowWords(to)} (was ${windowWords(from)})`;
}

const windowWords = ({ earliest, latest }: CheckWindow) => rangeWords({ from: earliest, to: latest });

/** The last dates that something seen or done has moved, newest first. */
export function moveLines({ schedules }: ColonyState): readonly MoveLine[] {
  return movesOf(schedules)
    .slice(0, MOVES_SHOWN)
    .map(({ key, code, on, from, to, because }) => ({
      key: `${key}${on}`,
      when: weekdayWords(on),
      words: `${windowMoved(code, from, to)}, after ${inWords(because)}`,
    }));
}

/** What a correction moved: the schedule as it would be with the entry as it was, against the schedule as it is. */
export function correctionLines(
  before: ColonyState,
  after: ColonyState,
  entry: { readonly on: Day; readonly action: string; readonly id: string },
): readonly MoveLine[] {
  return differenceOf(before.schedule.checks, after.schedule.checks).map(({ code, from, to }) => ({
    key: `${entry.id}${code}`,
    when: `Entry of ${dayWords(entry.on)} ${entry.action}`,
    words: windowMoved(code, from, to),
  }));
}
