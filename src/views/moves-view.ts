import type { Day } from '../core/calendar/day';
import type { CheckWindow } from '../core/calendar/window';
import type { CheckCode } from '../core/schedule/check';
import { differenceOf, movesOf } from '../core/schedule/what-moved';
import type { ColonyState } from '../core/state/fold';
import { weekdayWords } from '../words/days';
import { orderOf } from '../words/due';
import { movesPhrases } from '../words/pages/moves';

/** A date that moved, and what moved it. */
export interface MoveLine {
  readonly key: string;
  readonly when: string;
  readonly words: string;
}

const MOVES_SHOWN = 6;

export function windowMoved(code: CheckCode, from: CheckWindow, to: CheckWindow): string {
  return movesPhrases.nowWas(orderOf({ code }), to, from);
}

/** The last dates that something seen or done has moved, newest first. */
export function moveLines({ schedules }: ColonyState): readonly MoveLine[] {
  return movesOf(schedules())
    .slice(0, MOVES_SHOWN)
    .map(({ key, code, on, from, to, because }) => ({
      key: `${key}${on}`,
      when: weekdayWords(on),
      words: movesPhrases.movedAfter(windowMoved(code, from, to), because),
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
    when: movesPhrases.entryOf(entry.on, entry.action),
    words: windowMoved(code, from, to),
  }));
}
