import 'server-only';
import type { Now } from '../../core/calendar/now';
import type { RoundWish } from '../../core/facts/round';
import { keptKind } from '../../db/kept';
import type { Book } from '../../db/open';
import { loadFood } from '../../db/repositories/food';
import { loadRoundWishes } from '../../db/repositories/rounds';
import { loadYard } from '../../db/repositories/yard';
import type { AllApiaries, NamedColony } from '../../views/all-apiaries';
import { type AlsoToday, alsoToday } from '../../views/also-today';
import { type FoodNote, foodNotes } from '../../views/food-view';
import { type MeantNow, meantNow } from '../../views/season-plan-view';
import { type YardToday, yardToday } from '../../views/today-view';
import type { WeekView } from '../../views/week-view';
import { bookVersion } from '../book-version';
import { meantInSeason, plannedYear } from '../season-plan/season-plan-now';
import type { FortnightNow } from './fortnight-now';
import { weekNow } from './week-now';

/** What stands on Today beside its rounds. */
export interface BesideRounds {
  readonly yard: YardToday;
  readonly meant: readonly MeantNow[];
  readonly foodAsked: readonly FoodNote[];
  /** Colonies that cannot be worked out, of which nothing else is said. */
  readonly unreckoned: readonly NamedColony[];
}

export interface WeekPageNow extends BesideRounds {
  readonly view: WeekView;
  readonly also: AlsoToday;
  readonly wishes: readonly RoundWish[];
}

const PAGE = keptKind<WeekPageNow>('week-page');

/** What is asked for in the yard, meant for the season and asked about food, whatever the rounds are. */
export const besideRounds = (opened: Book, all: AllApiaries, { today }: Now): BesideRounds => ({
  yard: yardToday(all, today, (id) => loadYard(opened.db, id)),
  meant: meantNow(meantInSeason(opened, all, today, plannedYear(all, today)), today),
  foodAsked: foodNotes(all, loadFood(opened.db), today),
  unreckoned: (all.unreckoned ?? []).map(({ colony: { id, name } }) => ({ id, name })),
});

/** Today with its rounds, kept until the book, the day or the plan changes: one comes back to it from every page. */
export function weekPageNow(
  opened: Book,
  all: AllApiaries,
  now: Now,
  planned: FortnightNow,
  days: number,
): WeekPageNow {
  return opened.kept.value(PAGE, '', [bookVersion(opened, now.today), days, planned], () => {
    const beside = besideRounds(opened, all, now);
    const view = weekNow(opened, all, now, planned, days);
    return {
      ...beside,
      view,
      also: alsoToday(all, now.today, { ...beside, ...view }),
      wishes: loadRoundWishes(opened.db),
    };
  });
}
