import { QUEEN_EMERGES } from '../biology/development';
import { addDays, type Day } from '../calendar/day';
import type { DayRange } from '../calendar/window';
import { STAGES } from '../cells/stage';
import type { MethodName } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { planMethod, USUAL_CHOICES } from '../methods/plan';
import { expectedIn } from '../queens/queen-questions';
import { firstEggsWindow } from '../queens/virgin-care';
import type { Settings } from '../settings/settings';
import type { ColonyState } from '../state/fold';

/** A ripe cell is at least this many days old. */
const RIPEST_FROM = STAGES['sealed-ripe'].ages?.from ?? QUEEN_EMERGES.value.early;

/** A way on for a colony whose queen did not come to lay, and what it costs in days. */
export interface WayOut {
  readonly method: MethodName;
  /** The days between which it is known (test frame), done (unite), or a queen lays. */
  readonly until: DayRange;
  readonly brings: 'known' | 'laying' | 'united';
}

/** Something went wrong: it has no queen, or no eggs came when they were due. */
export function needsWayOut({ queen, lastInspection, schedule, today }: ColonyState): boolean {
  if (queen.is === 'without' || queen.overdue !== null) return true;
  if (expectedIn(queen) === 'laying') return lastInspection?.reading.reading === 'queen-missing';
  return schedule.eggsBy !== null && today > schedule.eggsBy.latest;
}

/** Each way on if it were begun on `today`, the soonest to a laying queen first. */
export function waysOut(today: Day, settings: Settings): readonly WayOut[] {
  const plan = (method: MethodName, keptCells: readonly DayRange[] = []) =>
    planMethod(methodNamed(method), { ...USUAL_CHOICES, on: today, keptCells }, settings);
  const spanOfCheck = (method: MethodName, code: string): DayRange => {
    const check = plan(method).checks.find((planned) => planned.code === code);
    if (!check) throw new Error(`${method} has no ${code}`);
    return { from: check.window.earliest, to: check.window.latest };
  };
  const layingFrom = (method: MethodName, keptCells: readonly DayRange[] = []): DayRange => {
    const { emergence } = plan(method, keptCells);
    if (!emergence) throw new Error(`${method} raises no queen`);
    const { earliest, latest } = firstEggsWindow(emergence);
    return { from: earliest, to: latest };
  };
  const ripe = { from: addDays(today, -QUEEN_EMERGES.value.late), to: addDays(today, -RIPEST_FROM) };
  return [
    { method: 'test-comb', until: spanOfCheck('test-comb', 'read-comb'), brings: 'known' },
    { method: 'requeen-mated', until: spanOfCheck('requeen-mated', 'laying-check'), brings: 'laying' },
    { method: 'give-cell', until: layingFrom('give-cell', [ripe]), brings: 'laying' },
    { method: 'give-eggs', until: layingFrom('give-eggs'), brings: 'laying' },
    { method: 'unite', until: spanOfCheck('unite', 'united'), brings: 'united' },
  ];
}
