import { addDays, type Day } from '../calendar/day';
import type { Method } from '../methods/method';
import { methodNamed } from '../methods/methods';
import { type PlannedCheck, planMethod, USUAL_CHOICES } from '../methods/plan';
import { KIND_OF, type MinutesByKind } from '../rounds/work';
import { isDaily } from '../schedule/check';
import type { Settings } from '../settings/settings';
import { ACTS, type Choice, type WhatIfAsked } from './asked';
import { CAGED_AFTER } from './figures';

/** The method that a choice is; null: it is none. */
export const methodOf = ({ choice }: Pick<Choice, 'choice'>): Method | null =>
  choice === 'nothing' || choice === 'take-cells-down' ? null : methodNamed(choice);

/** The unit that a bought queen is given to loses its own on the day, or lost her before. */
const isGivenAQueen = (method: Method, { buysQueen }: Choice): boolean =>
  buysQueen || method.units.some(({ queen }) => queen === 'caged');

/** The day on which a bought queen is caged in: a day after her forerunner left; null: none is. */
export function cagedOn(choice: Choice, hasQueen: boolean): Day | null {
  const method = methodOf(choice);
  if (!method || !isGivenAQueen(method, choice)) return null;
  return addDays(choice.on, hasQueen ? CAGED_AFTER.value : 0);
}

/** What is to be done at the hive after it, by the method's own plan. */
export function checksOf(
  choice: Choice,
  { colony }: Pick<WhatIfAsked, 'colony'>,
  settings: Settings,
): readonly PlannedCheck[] {
  const method = methodOf(choice);
  if (!method) return [];
  const { on, buysQueen } = choice;
  const laid = colony.oldestCellLaid;
  const keptCells = method.needs.cells === 'kept' && laid && !buysQueen ? [laid] : [];
  const caged = cagedOn(choice, colony.queen !== null);
  const { checks } = planMethod(method, { ...USUAL_CHOICES, on, keptCells, buysQueen }, settings);
  if (caged === null) return checks;
  const hers = methodNamed('requeen-mated');
  const cageChecks = planMethod(hers, { ...USUAL_CHOICES, on: caged }, settings).checks;
  return method === hers ? cageChecks : [...checks, ...cageChecks];
}

/** The days on which the keeper is at the hive: the day itself, that of the cage, and the best day of each check, none of them twice. */
export function visitDays(choice: Choice, asked: WhatIfAsked, settings: Settings): readonly Day[] {
  if (choice.choice === ACTS[0]) return [];
  const caged = cagedOn(choice, asked.colony.queen !== null);
  const all = [
    choice.on,
    ...(caged === null ? [] : [caged]),
    ...checksOf(choice, asked, settings).map(({ window }) => window.ideal),
  ];
  const end = addDays(asked.from, asked.days);
  return [...new Set(all)].filter((on) => on < end).sort((a, b) => a - b);
}

/** Minutes of work that a choice asks for, without the ways: on the day, for the cage, and for each check; daily tasks are done in passing. */
export function minutesOf(choice: Choice, asked: WhatIfAsked, settings: Settings, minutes: MinutesByKind): number {
  if (choice.choice === ACTS[0]) return 0;
  if (choice.choice === ACTS[1]) return minutes['thin-cells'];
  const end = addDays(asked.from, asked.days);
  const caged = cagedOn(choice, asked.colony.queen !== null);
  const checks = checksOf(choice, asked, settings).filter(({ code, window }) => !isDaily(code) && window.ideal < end);
  return checks.reduce(
    (sum, { code }) => sum + (isDaily(code) ? 0 : minutes[KIND_OF[code]]),
    minutes.method + (caged !== null && caged !== choice.on ? minutes.released : 0),
  );
}
