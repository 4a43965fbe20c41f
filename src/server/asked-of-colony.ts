import { lays } from '../core/queens/queen-questions';
import 'server-only';
import { type Day, yearOf } from '../core/calendar/day';
import type { ChoicesAsked } from '../core/choices/asked';
import { askedOf, type BesideColony } from '../core/choices/asked-of';
import type { SeasonPlan } from '../core/season-plan/plan';
import type { WayName } from '../core/season-plan/way';
import { yearAt } from '../core/settings/settings';
import { seasonPart } from '../core/year/beekeeping-year';
import { flowExpected } from '../core/year/flow-expected';
import type { Db } from '../db/open';
import { loadSeasonPlans } from '../db/repositories/season-plans';
import type { AllApiaries, StandingColony } from '../views/all-apiaries';
import { placeBy } from './place-by';

/** What a colony is wanted for, by the way in which its season is planned. */
const WANTED: { readonly [W in WayName]?: ChoicesAsked['wanted'] } = { increase: 'increase', demaree: 'honey' };

export type Plans = ReadonlyMap<string, SeasonPlan>;

/** Of the season whose swarms come in the year of a day, by the colony. */
export const plansOf = (db: Db, today: Day): Plans => loadSeasonPlans(db, yearOf(today));

/** What is asked of a colony's choices: how it stands, its place, and what the season's plan wants of it. Of its kit nothing is missing. */
export const askedOfColony = (all: AllApiaries, plans: Plans, standing: StandingColony, today: Day): ChoicesAsked =>
  askedOf(standing.state, besideColony(all, plans, standing, today));

/** What of its place and its plan the order of a colony's choices follows from. */
export function besideColony(
  all: AllApiaries,
  plans: Plans,
  { colony, apiary }: Pick<StandingColony, 'colony' | 'apiary'>,
  today: Day,
): BesideColony {
  const { coldestNightC, flow } = placeBy(all, apiary.id, flowExpected(apiary, today), today);
  const plan = plans.get(colony.id);
  const others = all.colonies.filter((one) => one.colony.id !== colony.id && lays(one.state.queen));
  return {
    season: seasonPart(today, yearAt(apiary, all.settings)),
    flow,
    coldestOfNextFive: coldestNightC,
    secondStand: null,
    otherColonies: others.length,
    wanted: (plan && WANTED[plan.way]) ?? 'nothing',
    earlyFirst: all.settings.earlyFirst,
    kit: null,
  };
}
