import type { Day } from '../core/calendar/day';
import { isDaily } from '../core/schedule/check';
import { colonyOnDay } from '../core/schedule/standing';
import { alsoPhrases } from '../words/pages/also';
import type { AllApiaries, NamedColony } from './all-apiaries';
import { type DueView, dueView } from './due-view';
import type { FoodNote } from './food-view';
import type { ShortageLine } from './kit-view';
import { type LossView, lossViews } from './measured-notes';
import type { MeantNow } from './season-plan-view';
import type { YardToday } from './today-view';

/** What else a day asks, beside the hives of its rounds. */
export interface AlsoToday {
  /** In a few words each, for the line that it is folded into. */
  readonly brief: readonly string[];
  /** Tasks of a few minutes that are done each day, and ticked here. */
  readonly daily: readonly { readonly colony: NamedColony; readonly task: DueView }[];
  readonly losses: readonly { readonly colony: NamedColony; readonly loss: LossView }[];
}

interface Asked {
  readonly yard: YardToday;
  readonly meant: readonly MeantNow[];
  readonly foodAsked: readonly FoodNote[];
  /** Empty while the rounds are not known. */
  readonly shortages: readonly ShortageLine[];
  readonly swarmRisks: readonly string[];
}

/** What stands open of kit: there is none of it, or no round brings it in time. */
export const isShort = ({ isOpen, isSure }: Pick<ShortageLine, 'isOpen' | 'isSure'>): boolean => isOpen && isSure;

export function alsoToday({ colonies, measured }: AllApiaries, today: Day, asked: Asked): AlsoToday {
  const named = colonies.map(({ colony: { id, name }, state }) => ({ colony: { id, name }, state }));
  const daily = named.flatMap(({ colony, state }) =>
    colonyOnDay(state.schedule, today)
      .due.filter(({ check }) => isDaily(check.code))
      .map((one) => ({ colony, task: dueView(one, today) })),
  );
  const losses = named.flatMap(({ colony }) =>
    lossViews(colony.id, measured?.scales.get(colony.id)?.losses ?? []).map((loss) => ({ colony, loss })),
  );
  const { yard, meant, foodAsked, shortages, swarmRisks } = asked;
  const steps = yard.steps.filter(({ isDoneToday }) => !isDoneToday);
  const [short, bring] = [shortages.filter(isShort).length, shortages.filter((one) => !isShort(one)).length];
  return {
    brief: [
      ...(swarmRisks.length > 0 ? [alsoPhrases.swarmWeather] : []),
      ...new Set(losses.map(({ colony }) => alsoPhrases.loss(colony.name))),
      ...(short > 0 ? [alsoPhrases.kitShort] : []),
      ...steps.map(({ name }) => alsoPhrases.move(name)),
      ...daily.map(({ colony, task }) => alsoPhrases.daily(colony.name, task.code)),
      ...(yard.wayMarks.length > 0 ? [alsoPhrases.wayMarks(yard.wayMarks.length)] : []),
      ...(foodAsked.length > 0 ? [alsoPhrases.food(foodAsked.map(({ name }) => name))] : []),
      ...(meant.length > 0 ? [alsoPhrases.meant(meant.length)] : []),
      ...(bring > 0 ? [alsoPhrases.kitToBring] : []),
    ],
    daily,
    losses,
  };
}
