import type { Day } from '../calendar/day';
import type { MethodName } from '../methods/method';
import { methodNamed, newUnitOf } from '../methods/methods';
import { ASKED_IN_WORDS } from '../programmes/asked-in-words';
import { bestDay, type Check, isDaily } from '../schedule/check';
import { minuteOf } from './book';
import type { CaseMove, CaseStart } from './case';

/** What every move carries: its name, and when and where it is made. */
export const nextMove = (moves: readonly CaseMove[], on: Day, colonyId: string) => ({
  id: `m${String(moves.length).padStart(4, '0')}`,
  on,
  at: minuteOf(on, moves),
  colonyId,
});

/** How often a hive was looked into on a day. */
export const looksOn = (moves: readonly CaseMove[], on: Day, colonyId: string): number =>
  moves.filter((move) => move.kind === 'look' && move.colonyId === colonyId && move.on === on).length;

/** A method begun; the colony that comes of it goes by its move. */
export function startMove(
  next: ReturnType<typeof nextMove>,
  of: { readonly method: MethodName; readonly keptCellIds: readonly string[]; readonly buysQueen: boolean },
): CaseStart {
  const newColonyId = newUnitOf(methodNamed(of.method)) ? `${next.colonyId}-${next.id}` : null;
  return { ...next, kind: 'start', ...of, newColonyId };
}

/** What no look tells: it is done, and ticked off in words. */
export const isInWords = ({ code }: Pick<Check, 'code'>): boolean => (ASKED_IN_WORDS as ReadonlySet<string>).has(code);

/** Whether a check is to be done on a day, of those whose window has begun: on its best day, and from then on as long as it is open. */
export const isTimeFor = (check: Check, day: Day): boolean =>
  !isDaily(check.code) && (day >= bestDay(check) || day >= check.window.latest);
