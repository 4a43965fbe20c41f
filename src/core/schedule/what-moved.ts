import type { Day } from '../calendar/day';
import type { CheckWindow } from '../calendar/window';
import type { Said } from '../says/said';
import type { ScheduleThen } from '../state/fold';
import type { Check, CheckCode } from './check';
import { say } from './says';

/** A check that was dated anew by something that happened. */
export interface Moved {
  readonly key: string;
  readonly code: CheckCode;
  /** The day of what moved it. */
  readonly on: Day;
  readonly from: CheckWindow;
  readonly to: CheckWindow;
  readonly because: Said;
}

const sameWindow = (a: CheckWindow, b: CheckWindow) =>
  a.earliest === b.earliest && a.ideal === b.ideal && a.latest === b.latest;

/** Every time that a programme's check was dated anew, newest first. A check that came or went is not among them. */
export function movesOf(schedules: readonly ScheduleThen[]): readonly Moved[] {
  const known = new Map<string, Check>();
  const moved: Moved[] = [];
  for (const { step, schedule } of schedules) {
    for (const check of schedule.checks) {
      const before = known.get(check.key);
      if (before && check.programme && !sameWindow(before.window, check.window)) {
        moved.push({
          key: check.key,
          code: check.code,
          on: step.on,
          from: before.window,
          to: check.window,
          because: say('moved-by', { what: step.kind, on: step.on }),
        });
      }
      known.set(check.key, check);
    }
  }
  return moved.reverse();
}

/** The checks of two schedules that are dated differently, by key: what a correction moved. */
export function differenceOf(
  before: readonly Check[],
  after: readonly Check[],
): readonly { readonly code: CheckCode; readonly from: CheckWindow; readonly to: CheckWindow }[] {
  const earlier = new Map(before.map((check) => [check.key, check]));
  return after.flatMap(({ key, code, window }) => {
    const was = earlier.get(key);
    return was && !sameWindow(was.window, window) ? [{ code, from: was.window, to: window }] : [];
  });
}
