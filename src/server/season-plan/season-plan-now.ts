import 'server-only';
import { eq } from 'drizzle-orm';
import type { Day } from '../../core/calendar/day';
import type { DayRange } from '../../core/calendar/window';
import { isMethod } from '../../core/choices/choice';
import { choose } from '../../core/choices/choose';
import { CAR, HOME } from '../../core/kit/kit-entry';
import type { Thing } from '../../core/methods/thing';
import { minutesByKind } from '../../core/rounds/work';
import { type Intention, intentionsOf } from '../../core/season-plan/intentions';
import type { SeasonPlan } from '../../core/season-plan/plan';
import { seasonSeen } from '../../core/season-plan/season-seen';
import { yearAt } from '../../core/settings/settings';
import { seasonAround, seasonStarting } from '../../core/year/beekeeping-year';
import { flowsOfSeason } from '../../core/year/flow-expected';
import type { Book } from '../../db/open';
import { loadSeasonPlans } from '../../db/repositories/season-plans';
import { colonies } from '../../db/schema/tables';
import type { AllApiaries, ApiaryEntry, StandingColony } from '../../views/all-apiaries';
import { type ColonyMeant, type SeasonPlanView, seasonPlanView } from '../../views/season-plan-view';
import { yearOfAll } from '../../views/year-bands';
import { allFacts } from '../all-facts';
import { askedOfColony } from '../asked-of-colony';
import { stockNow } from '../kit/stock-now';
import { reckoned } from '../known-states';
import { learnedMinutesNow } from '../rounds/asked-now';
import { workedOut } from '../worked-out';

/** The season that is planned where nothing else is asked: the one that is on, in the rest the one to come. */
export const plannedYear = (all: AllApiaries, today: Day): number => seasonAround(today, yearOfAll(all)).year;

/**
 * What is meant with every standing colony in the season that begins in a year, and with those that have ended since it was planned; those
 * without a plan have nothing meant.
 */
export function meantInSeason(opened: Book, all: AllApiaries, today: Day, year: number): readonly ColonyMeant[] {
  const plans = loadSeasonPlans(opened.db, year);
  const facts = allFacts(opened, today);
  const meant = ({ colony, apiary, state }: StandingColony, isEnded: boolean): ColonyMeant => {
    const place = yearAt(apiary, all.settings);
    const season = seasonStarting(year, place);
    const hooks = { season, flow: flowOf(apiary, season) };
    const plan = plans.get(colony.id) ?? null;
    const own = facts.get(colony.id);
    const meantThen =
      plan && own ? workedOut(() => intentionsOf(plan, hooks, seasonSeen(colony.id, own, state), today), []) : [];
    // What is done once cells come is left open by a plan that names no method: then it is what comes first of the choices.
    const first = meantThen.some(isLeftOpen(plan))
      ? choose(askedOfColony(all, plans, { colony, apiary, state }, today)).first
      : null;
    const intentions = meantThen.map((one) =>
      first !== null && isMethod(first) && isLeftOpen(plan)(one) ? { ...one, method: first } : one,
    );
    return {
      colony: { id: colony.id, name: colony.name },
      isEnded,
      apiary,
      plan,
      intentions,
      hooks,
      planned: { id: colony.id, apiaryId: apiary.id, year: place, intentions },
    };
  };
  const standing = new Set(all.colonies.map(({ colony }) => colony.id));
  const ended = [...plans.keys()].flatMap((id): StandingColony[] => {
    const own = standing.has(id) ? undefined : facts.get(id);
    const colony = own && opened.db.select().from(colonies).where(eq(colonies.id, id)).get();
    const apiary = all.apiaries.find((one) => one.id === colony?.apiaryId);
    if (!own || !colony || !apiary || own.endedOn === null || own.endedOn > today) return [];
    const { state } = reckoned(own, all.settings, today);
    return state ? [{ colony, apiary, state }] : [];
  });
  return [...all.colonies.map((one) => meant(one, false)), ...ended.map((one) => meant(one, true))];
}

/** Cells have come, and the keeper did not say what he would do then. */
const isLeftOpen =
  (plan: SeasonPlan | null) =>
  ({ isIfCells, status }: Intention): boolean =>
    plan !== null && plan.method === null && isIfCells && status === 'now';

/** The main flow that acts hang on: the longest that is expected in the season. */
function flowOf(apiary: ApiaryEntry, season: DayRange): DayRange | null {
  const flows = flowsOfSeason(apiary, season);
  return flows.reduce<DayRange | null>(
    (longest, one) => (longest && longest.to - longest.from >= one.to - one.from ? longest : one),
    null,
  );
}

/** The plan for a season, as it stands today. */
export function seasonPlanNow(opened: Book, all: AllApiaries, today: Day, year: number): SeasonPlanView {
  const meant = meantInSeason(opened, all, today, year);
  const seasons = meant.map(({ hooks }) => hooks.season);
  const season =
    seasons.length === 0
      ? seasonStarting(year, yearOfAll(all))
      : {
          from: Math.min(...seasons.map(({ from }) => from)) as Day,
          to: Math.max(...seasons.map(({ to }) => to)) as Day,
        };
  const { settings, apiaries } = all;
  const { stock } = stockNow(opened, all, today);
  const places = [HOME, CAR, ...apiaries.map(({ id }) => id)];
  const counted = (thing: Thing): number | null => {
    const lying = places.map((place) => stock.lying(place, thing)).filter(({ countedAt }) => countedAt !== null);
    return lying.length === 0 ? null : lying.reduce((sum, { count }) => sum + Math.max(0, count), 0);
  };
  return seasonPlanView({
    year,
    meant,
    load: {
      season,
      today,
      settings,
      minutes: minutesByKind(settings.workMinutes, learnedMinutesNow(opened.db)),
      wayOf: (id) => apiaries.find((apiary) => apiary.id === id)?.wayMinutes ?? settings.wayMinutes,
    },
    counted,
  });
}
