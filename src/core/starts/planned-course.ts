import { figure } from '../biology/figure';
import { addDays, type Day } from '../calendar/day';
import type { Window } from '../calendar/window';
import type { Method } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { type Plan, planMethod, USUAL_CHOICES } from '../methods/plan';
import { type Outcome, outcomesOf } from '../programmes/outcomes';
import { broodlessWindow } from '../schedule/broodless';
import type { Settings } from '../settings/settings';
import type { StartChoices } from './preview';

const CAGED_IN_AFTER = figure('a-bought-queen-is-caged-in-after-a-split', 1, 'days', 'practice');

/** What of the choices the course of a method hangs on by itself. */
export type CourseChoices = Pick<StartChoices, 'on' | 'buysQueen'>;

/** What a method brings, before it is started. */
export interface PlannedCourse {
  /** Its checks and those of a bought queen, in order of the day they are best done. */
  readonly checks: Plan['checks'];
  /** When the unit without a queen has no sealed brood; null: it always has, or the method parts no colony. */
  readonly broodless: Window | null;
  readonly outcomes: readonly Outcome[];
}

/**
 * The course of a method from its dates: a bought queen goes in {@link CAGED_IN_AFTER} later, and her checks follow from there; of a split of
 * which nobody knows yet which half she is for, they do not.
 *
 * @param plan the dates of the method, see `previewStart`
 */
export function plannedCourse(method: Method, plan: Plan, choices: CourseChoices, settings: Settings): PlannedCourse {
  const isBlind = method.units.some(({ queen }) => queen === 'either');
  const bought = choices.buysQueen && !isBlind ? boughtQueen(method, choices.on, settings) : [];
  const isSplit = method.kind === 'swarm' && plan.emergence !== null;
  return {
    checks: [...plan.checks, ...bought].sort((a, b) => a.window.ideal - b.window.ideal),
    broodless: isSplit && plan.emergence ? broodlessWindow(choices.on, plan.emergence) : null,
    outcomes: outcomesOf(method, plan, settings),
  };
}

function boughtQueen(method: Method, on: Day, settings: Settings): Plan['checks'] {
  const unit = method.raisesQueen?.unit ?? 'hive';
  const caged = addDays(on, CAGED_IN_AFTER.value);
  const plan = planMethod(methodNamed('requeen-mated'), { ...USUAL_CHOICES, on: caged }, settings);
  return plan.checks.map((check) => ({ ...check, unit }));
}
